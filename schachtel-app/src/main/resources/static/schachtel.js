// Only what must be in hand: choosing in drawings, marks in the sums, keys. Everything else comes from the server.
"use strict";
(() => {
  const $ = (q, from = document) => from.querySelector(q);
  const $$ = (q, from = document) => [...from.querySelectorAll(q)];
  const typing = (el) => el && (el.matches("input, textarea, select") || el.isContentEditable);

  // What was typed and not yet sent goes first; then whatever leads elsewhere. One request after the other.
  let underway = 0;
  const dirty = new Set();
  document.addEventListener("input", (event) => { const form = event.target.closest && event.target.closest("form.par"); if (form) dirty.add(form); });
  document.addEventListener("htmx:beforeRequest", (event) => { underway += 1; dirty.delete(event.target.closest("form.par")); });
  document.addEventListener("htmx:afterRequest", () => { underway -= 1; });
  const settled = async () => {
    dirty.forEach((form) => { if (form.isConnected) htmx.trigger(form, "submit"); });
    dirty.clear();
    for (let i = 0; underway > 0 && i < 200; i += 1) await new Promise((done) => setTimeout(done, 20));
  };
  let last = Promise.resolve();
  const ask = (verb, address, values) => {
    last = last.then(settled).then(() => htmx.ajax(verb, address, { target: "#page", select: "#page", swap: "outerHTML", values }));
    return last;
  };

  const go = (address, then) => {
    if (!$("#page") || !window.htmx) { location.href = address; return; }
    ask("GET", address).then(() => { history.pushState({ page: true }, "", address); then && then(); });
  };
  window.addEventListener("popstate", () => { if ($("#page")) ask("GET", location.pathname + location.search); });

  // A layer, a part in a drawing, a finding, a view, a step: all lead there without leaving the page.
  document.addEventListener("click", (event) => {
    const link = event.target.closest("a[data-select], a[data-step], a[data-view], .strip a");
    if (!link || event.ctrlKey || event.metaKey || event.button) return;
    const address = link.getAttribute("href");
    if (!address || !window.htmx || (link.dataset.select && !$("main[data-station=structure]"))) return;
    event.preventDefault();
    if (link.closest(".strip")) { settled().then(() => { location.href = address; }); return; }
    go(address.split("#")[0], () => link.dataset.pin && pulse(link.dataset.pin));
  });

  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (!form.matches("#undo, #redo, form.seg") || !window.htmx) return;
    event.preventDefault();
    const values = Object.fromEntries(new FormData(form));
    if (event.submitter && event.submitter.name) values[event.submitter.name] = event.submitter.value;
    ask("POST", form.getAttribute("action"), values);
  });

  // A form that was swapped in a moment ago and is not wired yet is sent as soon as it is.
  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (!form.hasAttribute("hx-post") || event.defaultPrevented || !window.htmx) return;
    event.preventDefault();
    const by = event.submitter;
    setTimeout(() => { if (form.isConnected) form.requestSubmit(by); }, 20);
  });

  const pulse = (key) => {
    const pin = document.getElementById("pin-" + key);
    if (!pin) return;
    pin.classList.add("pulse");
    pin.scrollIntoView({ block: "nearest" });
    setTimeout(() => pin.classList.remove("pulse"), 3400);
  };

  // Focus on an input marks its term in every sum that uses it.
  const mark = () => {
    const source = document.activeElement && document.activeElement.dataset ? document.activeElement.dataset.source : null;
    const whole = source ? source.split(":")[0] + ":*" : null;
    $$(".ledger .in").forEach((term) => term.classList.toggle("on", !!source && (term.dataset.from === source || term.dataset.from === whole)));
  };
  document.addEventListener("focusin", mark);
  document.addEventListener("focusout", () => setTimeout(mark, 0));
  document.addEventListener("htmx:afterSettle", mark);

  // A page that came from a change has an address of its own.
  document.addEventListener("htmx:afterSwap", () => {
    const page = $("#page[data-address]");
    if (page) { history.replaceState(history.state, "", page.dataset.address); page.removeAttribute("data-address"); }
  });

  // One menu at a time; a click elsewhere shuts it.
  document.addEventListener("click", (event) => $$("details.menu[open], details.more[open]").forEach((menu) => {
    if (!menu.contains(event.target)) menu.open = false;
  }));

  const press = (q) => { const el = $(q); if (el && !el.disabled) el.click(); };
  const walk = (step) => {
    const all = $$("main[data-station=build]").length ? $$(".steps a.t") : $$(".stackdwg a.ly").reverse();
    const at = all.findIndex((a) => a.hasAttribute("aria-current"));
    let next = at;
    do { next += step; } while (all[next] && at >= 0 && all[next].getAttribute("href") === all[at].getAttribute("href"));
    const link = all[at < 0 ? 0 : next];
    if (link) go(link.getAttribute("href"));
  };
  const station = (step) => {
    const tabs = $$(".strip a");
    const tab = tabs[tabs.findIndex((t) => t.hasAttribute("aria-current")) + step];
    if (tab) tab.click();
  };

  const keys = {
    "/": () => { const jump = $("#jump"); if (jump) { jump.focus(); jump.select(); } },
    "?": () => { const sheet = $("#keys"); if (sheet) sheet.showModal(); },
    "j": () => walk(1), "k": () => walk(-1),
    "[": () => station(-1), "]": () => station(1),
    "a": () => { const add = $("#add"); if (add) { add.open = true; const first = $("button", add); first && first.focus(); } },
    "f": () => { const all = $("#all-findings"); if (all) all.open = !all.open; },
  };
  ["front", "opened-flat", "taken-apart", "section"].forEach((view, i) => { keys[String(i + 1)] = () => press(`[data-view=${view}]`); });

  document.addEventListener("keydown", (event) => {
    const field = event.target;
    if (field.matches && field.matches(".par .input[data-unit]") && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      field.form.elements.fine.value = String(event.shiftKey);
      $(`button[value="${event.key === "ArrowUp" ? 1 : -1}"]`, field.form).click();
      return;
    }
    if (event.key === "Escape") {
      $$("details.menu[open], details.more[open]").forEach((menu) => { menu.open = false; });
      if (typing(field)) field.blur();
      return;
    }
    if (typing(field) || $("dialog[open]")) return;
    if ((event.ctrlKey || event.metaKey) && !event.altKey) {
      const redo = event.key === "y" || (event.shiftKey && event.key.toLowerCase() === "z");
      if (redo || event.key === "z") { event.preventDefault(); press(redo ? "#redo button" : "#undo button"); }
      return;
    }
    if (event.altKey || !keys[event.key]) return;
    event.preventDefault();
    keys[event.key]();
  });

  // Shift with the mouse on + and - takes the fine step.
  document.addEventListener("click", (event) => {
    const nudge = event.target.closest && event.target.closest(".par button[name=nudge]");
    if (nudge && event.isTrusted) nudge.form.elements.fine.value = String(event.shiftKey);
  }, true);

  document.addEventListener("change", (event) => {
    if (event.target.matches(".read input[type=file]")) event.target.form.submit();
  });

  // The card store is away: look again.
  if (document.body.dataset.again) setTimeout(() => location.reload(), 4000);
})();
