// Only what must be in hand: choosing in drawings, marks in the sums, keys. Everything else comes from the server.
"use strict";
(() => {
  const $ = (q, from = document) => from.querySelector(q);
  const $$ = (q, from = document) => [...from.querySelectorAll(q)];
  const typing = (el) => el && (el.matches("input, textarea, select") || el.isContentEditable);

  // Each window has a name of its own: what two of them type into one field is two changes.
  if (!sessionStorage.getItem("window")) sessionStorage.setItem("window", Math.random().toString(36).slice(2) + Date.now().toString(36));
  document.addEventListener("htmx:configRequest", ({ detail }) => { if (detail.verb === "post") detail.parameters.set("window", sessionStorage.getItem("window")); });

  // What was typed and not yet sent goes first; then whatever leads elsewhere. One request after the other.
  // Told apart by their connections: what asked may be gone by the time of the answer, and then tells nobody.
  const underway = new Map();
  document.addEventListener("htmx:beforeSend", ({ detail }) => {
    underway.set(detail.xhr, detail.requestConfig.elt);
    detail.xhr.addEventListener("loadend", () => underway.delete(detail.xhr));
  });
  const dirty = new Set();
  let waiting = 0, inTurn = false, turn = Promise.resolve();
  document.addEventListener("input", (event) => { const form = event.target.closest && event.target.closest("form.par"); if (form) dirty.add(form); });
  document.addEventListener("htmx:beforeRequest", (event) => { dirty.delete(event.target.closest("form.par")); });
  const settled = async () => {
    dirty.forEach((form) => { if (form.isConnected) htmx.trigger(form, "submit"); });
    dirty.clear();
    while (underway.size > 0 || waiting > 0) await new Promise((done) => setTimeout(done, 20));
  };
  // One window never gets in its own way: a change waits for the answer to the one before, and then tells what it saw last.
  const changing = () => [...underway.values()].some((asker) => !asker.matches("[data-later]"));
  const quiet = async () => { while (changing()) await new Promise((done) => setTimeout(done, 20)); };
  // Enter in a field is a change and then a submit of the same: said once. Else its answer comes twice, over what is typed by then.
  const words = (form) => JSON.stringify([...new FormData(form)].filter(([, value]) => typeof value === "string"));
  let changed = {};
  const twice = ({ elt, triggeringEvent }) => {
    if (!triggeringEvent || !elt.matches("form")) return false;
    if (triggeringEvent.type === "change") changed = { elt, words: words(elt) };
    return triggeringEvent.type === "submit" && elt === changed.elt && words(elt) === changed.words && (waiting > 0 || changing());
  };
  document.addEventListener("htmx:confirm", (event) => {
    const { detail } = event, form = detail.elt;
    if (twice(detail)) { event.preventDefault(); return; }
    if (inTurn || detail.verb !== "post" || detail.question || form.matches("[data-later]") || !(waiting || changing())) return;
    event.preventDefault();
    const submitter = detail.triggeringEvent && detail.triggeringEvent.submitter;
    const said = { ...(form.matches("form") ? Object.fromEntries(new FormData(form)) : {}), ...(detail.etc && detail.etc.values) };
    if (submitter && submitter.name) said[submitter.name] = submitter.value;
    waiting += 1;
    turn = turn.then(quiet).then(() => {
      waiting -= 1;
      inTurn = true;
      if (form.isConnected) detail.issueRequest(true);
      // What asked was drawn anew meanwhile: it is said in its name.
      else htmx.ajax("POST", detail.path, { ...whole, values: { ...Object.fromEntries($$("#seen input").map((i) => [i.name, i.value])), ...said } });
      inTurn = false;
    }).then(quiet);
  });
  let last = Promise.resolve();
  const whole = { target: "#page", select: "#page", swap: "outerHTML" };
  const ask = (verb, address, values, where = whole) => {
    last = last.then(settled).then(() => htmx.ajax(verb, address, { ...where, values }));
    return last;
  };

  // Where only one region changes, the server is asked for that alone.
  const go = (address, then, into) => {
    if (!$("#page") || !window.htmx) { location.href = address; return; }
    const where = into && document.getElementById(into) ? { target: "#" + into, swap: "outerHTML" } : whole;
    ask("GET", address, undefined, where).then(() => { history.pushState({ page: true }, "", address); then && then(); });
  };
  window.addEventListener("popstate", () => { if ($("#page")) ask("GET", location.pathname + location.search); });

  // Where an answer goes may have been drawn anew while it was under way: it goes to what stands there now.
  document.addEventListener("htmx:beforeRequest", ({ detail }) => detail.xhr.addEventListener("readystatechange", () => {
    const id = detail.target.id;
    if (id && !detail.target.isConnected) detail.target = document.getElementById(id) || detail.target;
  }));

  // Focus stays where the hand is: on what now stands in the place of what had it, else on the heading of its region.
  const sign = (el) => [el.tagName, el.dataset.answer || el.getAttribute("aria-label") || [el.name, el.value, el.getAttribute("href"), el.textContent.trim()].join("|")].join(" ");
  let held = null;
  document.addEventListener("htmx:beforeSwap", () => {
    const el = document.activeElement;
    held = null;
    if (!el || el === document.body) return;
    const regions = [];
    for (let r = el.closest("[id]"); r; r = r.parentElement && r.parentElement.closest("[id]")) regions.push(r.id);
    held = { tag: el.tagName, sign: sign(el), nth: $$(el.tagName).filter((e) => sign(e) === sign(el)).indexOf(el), regions };
  });
  document.addEventListener("htmx:afterSettle", () => {
    if (!held || document.activeElement !== document.body) { held = null; return; }
    const same = $$(held.tag).filter((e) => sign(e) === held.sign && !e.disabled);
    const headings = held.regions.map((id) => $(`#${id} :is(h1, h2, h3)`));
    const places = [same[held.nth], ...same, ...headings, $("main h1"), $("main")].filter(Boolean);
    held = null;
    // What lies in a closed menu takes no focus: the next place has it then.
    places.some((to) => {
      if (!to.matches("a, button, input, select, textarea, summary, [tabindex]")) to.setAttribute("tabindex", "-1");
      to.focus({ preventScroll: true });
      return document.activeElement === to;
    });
  });

  // One region tells how things stand after each change.
  const says = () => $$("[data-says]").map((el) => el.textContent.trim().replace(/\s+/g, " ")).join(". ");
  let said = "";
  document.addEventListener("DOMContentLoaded", () => { said = says(); });
  document.addEventListener("htmx:afterSettle", () => {
    const told = $("#told"), now = says();
    if (told && now !== said) { said = now; told.textContent = now; }
  });
  document.addEventListener("htmx:afterRequest", ({ detail }) => {
    const field = detail.elt.matches("form.par") && $("[name=value]", detail.elt);
    if (!field) return;
    if (detail.xhr.status === 422) field.setAttribute("aria-invalid", "true"); else field.removeAttribute("aria-invalid");
  });

  // What is refused leaves the page as it is and says why beside it.
  document.addEventListener("htmx:beforeSwap", (event) => {
    const detail = event.detail;
    if (detail.xhr.status !== 422 || detail.target.id !== "page") return;
    detail.shouldSwap = false;
    let notice = $("#notice");
    if (!notice) {
      notice = document.createElement("p");
      notice.id = "notice";
      notice.setAttribute("role", "alert");
      document.body.append(notice);
    }
    notice.dataset.refusal = "true";
    notice.textContent = new DOMParser().parseFromString(detail.xhr.responseText, "text/html").body.textContent.trim();
  });
  // It stays until something else is asked for, which what waited its turn by then is not: nobody reads against a clock.
  let unread = "";
  document.addEventListener("htmx:beforeRequest", (event) => {
    const notice = $("#notice[data-refusal]");
    unread = notice && (inTurn || event.detail.requestConfig.elt.matches("[data-later]")) ? notice.textContent : "";
    if (notice && !unread) notice.textContent = "";
  });
  document.addEventListener("htmx:afterSettle", () => {
    const notice = $("#notice");
    if (!unread || !notice || notice.textContent.trim()) return;
    notice.dataset.refusal = "true";
    notice.textContent = unread;
  });

  // What nobody asked for waits until nobody is typing where it would go, and nothing that was asked for is on its way there.
  const later = (el) => el.matches("[data-later]");
  // Between press and release a button must stay the same, or the click is lost.
  let pressed = false;
  document.addEventListener("pointerdown", () => { pressed = true; }, true);
  ["pointerup", "pointercancel", "dragend"].forEach((end) => document.addEventListener(end, () => setTimeout(() => { pressed = false; }), true));
  const asked = () => [...underway.values()].some((asker) => !later(asker));
  document.addEventListener("htmx:beforeSwap", ({ detail }) => {
    const asker = detail.requestConfig.elt;
    const field = document.activeElement;
    if (!later(asker)) return;
    // It belongs to the page it was asked from: the page drawn since asks for itself.
    if (!asker.isConnected) { detail.shouldSwap = false; return; }
    const typed = field.matches("input, textarea") && detail.target.contains(field) && field.value !== field.defaultValue;
    // A menu that somebody opened stays open.
    const menu = detail.target.querySelector("details.menu[open]");
    if (!typed && !pressed && !menu && !asked()) return;
    detail.shouldSwap = false;
    setTimeout(() => { if (asker.isConnected) htmx.trigger(asker, "again"); }, 1500);
  });

  // Long work can be stopped: what was found so far stays.
  document.addEventListener("click", (event) => {
    const stop = event.target.closest("[data-stop]");
    if (!stop) return;
    const form = stop.closest("form");
    htmx.trigger(form, "htmx:abort");
    form.elements.until.value = "0";
    go(location.pathname + "?stopped=true");
  });

  // A layer, a part in a drawing, a finding, a view, a step: all lead there without leaving the page.
  document.addEventListener("click", (event) => {
    const link = event.target.closest("a[data-select], a[data-step], a[data-view], .strip a");
    if (!link || event.ctrlKey || event.metaKey || event.button) return;
    const address = link.getAttribute("href");
    if (!address || !window.htmx || (link.dataset.select && !$("main[data-station=structure], main.sc"))) return;
    event.preventDefault();
    if (link.closest(".strip")) { settled().then(() => { location.href = address; }); return; }
    go(address.split("#")[0], () => link.dataset.pin && pulse(link.dataset.pin), link.dataset.into);
  });

  // The open step stays in sight in its own list, the open tab in the strip; the page itself is not moved.
  const follow = () => {
    $$("[aria-current=step]").forEach((step) => {
      const box = step.closest(".scroll, .steps");
      if (!box || box.scrollHeight <= box.clientHeight) return;
      const at = step.getBoundingClientRect(), seen = box.getBoundingClientRect();
      if (at.top < seen.top || at.bottom > seen.bottom) box.scrollTop += at.top - seen.top - seen.height / 3;
    });
    const strip = $(".strip"), tab = $(".strip [aria-current]");
    if (tab && strip.scrollWidth > strip.clientWidth) strip.scrollLeft += tab.getBoundingClientRect().left - strip.getBoundingClientRect().left - 24;
  };
  // What was folded open stays so, and lists stay where they were scrolled to, when a page is drawn anew after a change.
  const kept = { folds: [], lists: [] };
  const folds = () => $$("details.fold");
  document.addEventListener("htmx:beforeSwap", (event) => {
    if (event.target.id !== "page") return;
    kept.folds = folds().map((fold) => fold.open);
    kept.lists = $$(".scroll").map((list) => list.scrollTop);
  });
  document.addEventListener("htmx:afterSettle", (event) => {
    if (event.target.id === "page" && event.detail.requestConfig.verb === "post") {
      if (folds().length === kept.folds.length) folds().forEach((fold, i) => { fold.open = kept.folds[i]; });
      $$(".scroll").forEach((list, i) => { list.scrollTop = kept.lists[i] || 0; });
    }
    follow();
  });
  document.addEventListener("DOMContentLoaded", follow);
  document.addEventListener("DOMContentLoaded", () => { document.documentElement.dataset.ready = ""; });

  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (!form.matches("#undo, #redo, form.seg") || !window.htmx) return;
    event.preventDefault();
    const values = Object.fromEntries(new FormData(form));
    if (event.submitter && event.submitter.name) values[event.submitter.name] = event.submitter.value;
    ask("POST", form.getAttribute("action"), values);
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

  // Movements: where things are along their way comes with the page once; playing asks nobody.
  const motion = { data: null, share: 0, playing: false, way: 1, last: 0 };
  const between = (places, share, mix) => {
    const at = share * (places.length - 1), low = Math.max(0, Math.min(places.length - 2, Math.floor(at)));
    return places.length < 2 ? places[0] : mix(places[low], places[low + 1], at - low);
  };
  const filled = (from, to, t) => from.map((v, i) => v + (to[i] - v) * t);
  // From millimetres of the card, y up, to those of its drawing, y down.
  const transform = (places, share, svg) => {
    const [a, b, c, d, e, f] = between(places, share, filled), scale = +svg.dataset.scale, left = +svg.dataset.left, top = +svg.dataset.top;
    return `matrix(${a} ${-b} ${-c} ${d} ${left - a * left + c * top + e * scale} ${top + b * left - d * top - f * scale})`;
  };
  const show = (share) => {
    const data = motion.data;
    if (!data) return;
    motion.share = share;
    $$(".main-dwg svg .mv").forEach((group) => {
      const move = group.dataset.owner === data.owner && data.moves[+group.dataset.movement];
      if (move) group.setAttribute("transform", transform(move, share, group.closest("svg")));
    });
    if (data.side) {
      const lines = between(data.side.poses, share, (from, to, t) => from.map((line, i) => line.map((p, n) => filled(p, to[i][n], t))));
      $$("svg .l-limb").forEach((limb) => {
        const svg = limb.closest("svg"), scale = +svg.dataset.scale, line = lines[+limb.dataset.limb];
        if (!line) return;
        limb.setAttribute("d", "M" + line
          .map((p) => `${+svg.dataset.left + p[0] * scale},${+svg.dataset.top - p[1] * scale}`).join("L"));
      });
    }
    document.dispatchEvent(new CustomEvent("schachtel:moved", { detail: { owner: data.owner, share, base: !data.moves.length } }));
    const scrub = $("#scrub"), step = Math.round(share * (data.along.length - 1));
    if (scrub) scrub.value = Math.round(share * 1000);
    if ($("#scrub-at")) $("#scrub-at").textContent = data.along[step] || Math.round(share * 100) + " %";
    if ($("#scrub-gap")) $("#scrub-gap").textContent = data.gaps[step] ? "· " + data.gaps[step] + " free" : "";
  };
  const play = (on) => {
    motion.playing = on;
    const button = $(".play");
    if (button) { button.setAttribute("aria-pressed", String(on)); button.setAttribute("aria-label", on ? "Halt (p)" : "Play (p)"); }
    motion.last = performance.now();
    if (on) requestAnimationFrame(frame);
  };
  const frame = (now) => {
    if (!motion.playing || !motion.data) return;
    const by = (now - motion.last) / 2400 * motion.way;
    motion.last = now;
    let share = motion.share + by;
    if (motion.data.round) share = ((share % 1) + 1) % 1;
    else if (share >= 1 || share <= 0) { motion.way = -motion.way; share = Math.max(0, Math.min(1, share)); }
    show(share);
    requestAnimationFrame(frame);
  };
  const wire = () => {
    const source = $("#motion-data");
    const data = source ? JSON.parse(source.textContent) : null;
    const same = data && motion.data && data.owner === motion.data.owner;
    const opened = data && !data.moves.length && data.side;
    const space = $("[data-space]");
    if (space) import(space.dataset.script).then((round) => round.mount(space, () => data && { owner: data.owner, share: motion.share, base: !data.moves.length }));
    motion.data = data;
    if (!data) motion.playing = false;
    else { show(same ? motion.share : opened ? data.given : data.rest); play(Boolean(same && motion.playing)); }
  };
  document.addEventListener("input", (event) => { if (event.target.id === "scrub") { play(false); show(event.target.value / 1000); } });
  document.addEventListener("click", (event) => { if (event.target.closest && event.target.closest(".play")) play(!motion.playing); });
  // A place on a drawing: millimetres from the lower left corner of the face.
  document.addEventListener("click", (event) => {
    const box = event.target.closest && event.target.closest("[data-spot]"), form = $("form.spot");
    if (!box || !form) return;
    const svg = $("svg", box), at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const mm = (value) => `${Math.round(value * 10) / 10} mm`;
    form.across.value = mm((at.x - svg.dataset.left) / svg.dataset.scale);
    form.up.value = mm((svg.dataset.top - at.y) / svg.dataset.scale);
    form.requestSubmit();
  });
  document.addEventListener("htmx:afterSettle", wire);
  document.addEventListener("DOMContentLoaded", wire);
  if (document.readyState !== "loading") wire();

  // What was unfolded stays so when its region is drawn anew.
  let unfolded = false;
  document.addEventListener("toggle", (event) => { if (event.target.id === "more-pars" && event.target.isConnected) unfolded = event.target.open; }, true);
  document.addEventListener("htmx:afterSettle", () => { const more = $("#more-pars"); if (more && unfolded) more.open = true; });

  // Several pieces chosen with Ctrl, to be put in line.
  const also = new Set();
  const mark2 = () => {
    const field = $("#also");
    if (!field) return;
    field.value = [...also].join(",");
    $$(".with-others").forEach((el) => { el.hidden = also.size === 0; });
    const n = $("#also-n");
    n.hidden = also.size === 0; n.textContent = `and ${also.size} more`;
    $$("a[data-select]").forEach((a) => a.classList.toggle("also", also.has(a.dataset.select)));
  };
  document.addEventListener("click", (event) => {
    const link = event.target.closest("a[data-select]");
    if (!link || !(event.ctrlKey || event.metaKey) || !$("main[data-station=structure]")) return;
    event.preventDefault();
    const id = link.dataset.select;
    if (also.has(id)) also.delete(id); else if (id !== $("#seen [name=select]").value) also.add(id);
    mark2();
  });
  document.addEventListener("htmx:afterSettle", mark2);

  // The selected piece is moved by dragging, or by arrow keys; the server answers with the new drawing.
  const moveBy = (values) => {
    const dwg = $(".main-dwg[data-movable]");
    if (!dwg) return;
    const seen = Object.fromEntries($$("#seen input").map((i) => [i.name, i.value]));
    last = last.then(settled).then(() => {
      const now = Object.fromEntries($$("#seen input").map((i) => [i.name, i.value]));
      return htmx.ajax("POST", dwg.dataset.move, { target: "#page", select: "#page", swap: "outerHTML", values: { ...seen, ...now, piece: dwg.dataset.movable, ...values } });
    });
  };
  let drag = null;
  document.addEventListener("pointerdown", (event) => {
    const dwg = event.target.closest && event.target.closest(".main-dwg[data-movable]");
    const link = event.target.closest && event.target.closest("a[data-select]");
    if (!dwg || !link || link.dataset.select !== dwg.dataset.movable || event.button || !(dwg.dataset.flat || $("[data-view=front][aria-current]"))) return;
    const svg = $("svg", dwg);
    drag = { x: event.clientX, y: event.clientY, svg, snaps: dwg.dataset.snaps ? JSON.parse(dwg.dataset.snaps) : null, own: $$(`[data-select="${link.dataset.select}"], .mv[data-owner="${link.dataset.select}"] > path, .l-sel, .l-sel + .l-edge`, svg), moved: false };
    event.preventDefault();
  });
  document.addEventListener("pointermove", (event) => {
    if (!drag) return;
    const size = drag.svg.viewBox.baseVal, box = drag.svg.getBoundingClientRect();
    const unit = Math.max(size.width / box.width, size.height / box.height);
    drag.dx = (event.clientX - drag.x) * unit; drag.dy = (event.clientY - drag.y) * unit;
    drag.moved = drag.moved || Math.hypot(event.clientX - drag.x, event.clientY - drag.y) > 3;
    if (drag.snaps) snap(drag, event.altKey);
    if (drag.snaps && drag.moved) hold(drag);
    if (drag.moved) drag.own.forEach((el) => el.setAttribute("transform", `translate(${drag.dx} ${drag.dy})`));
  });
  // What would come of it where it is held: one question at a time, the next when that is answered.
  const hold = (d) => {
    const told = $("[data-held]"), dwg = $(".main-dwg[data-movable]"), scale = +d.svg.dataset.scale;
    if (!told || !dwg || d.asking) return;
    d.asking = true;
    fetch(`${dwg.dataset.move.replace("/move?", "/moving?")}&${new URLSearchParams({ piece: dwg.dataset.movable, dx: (d.dx / scale).toFixed(2), dy: (-d.dy / scale).toFixed(2) })}`)
      .then((answer) => (answer.ok ? answer.json() : null))
      .then((held) => { if (held && drag === d) told.textContent = [held.height, ...held.trouble.map((t) => `${t}.`)].join(" ").trim(); })
      .catch(() => {})
      .finally(() => { d.asking = false; });
  };
  // What is dragged likes to lie in line with the face, its neighbours and the ground; Alt lets go of that.
  const NEAR = 1.5;
  const nearest = (lines, by) => lines.reduce((best, l) => Math.abs(l[0] - by) < Math.abs((best ? best[0] : Infinity) - by) ? l : best, null);
  const snap = (d, free) => {
    const s = d.svg.dataset, scale = +s.scale, guides = [], across = d.dx / scale;
    const x = nearest(d.snaps.across, across);
    if (!free && x && Math.abs(x[0] - across) < NEAR) { d.dx = x[0] * scale; guides.push(["x", +s.left + x[1] * scale]); }
    const up = -d.dy / scale, ground = d.snaps.ground[Math.round(d.dx / scale) - d.snaps.from], y = nearest(d.snaps.up, up);
    const stands = ground !== undefined && ground !== null && Math.abs(ground - up) < NEAR;
    if (!free && stands) d.dy = -ground * scale;
    else if (!free && y && Math.abs(y[0] - up) < NEAR) { d.dy = -y[0] * scale; guides.push(["y", +s.top - y[1] * scale]); }
    const over = -d.dy / scale - ground, told = $("[data-feet]");
    if (told) told.textContent = !d.moved || ground === undefined || ground === null || Number.isNaN(over) ? "" : Math.abs(over) < 0.05 ? "Stands on the ground." : over > 0 ? `Feet ${over.toFixed(1)} mm over the ground.` : `Feet ${(-over).toFixed(1)} mm in the ground.`;
    $$(".snap-line", d.svg).forEach((l) => l.remove());
    const box = d.svg.viewBox.baseVal;
    if (d.moved) guides.forEach(([way, at]) => {
      const line = document.createElementNS("http://www.w3.org/2000/svg", "line");
      const ends = way === "x" ? { x1: at, x2: at, y1: box.y, y2: box.y + box.height } : { y1: at, y2: at, x1: box.x, x2: box.x + box.width };
      Object.entries(ends).forEach(([k, v]) => line.setAttribute(k, v));
      line.setAttribute("class", "snap-line");
      d.svg.append(line);
    });
  };
  document.addEventListener("pointerup", () => {
    if (!drag) return;
    const { moved, dx, dy, svg } = drag;
    drag = null;
    if (!moved) return;
    const scale = +svg.dataset.scale;
    moveBy({ dx: (dx / scale).toFixed(3), dy: (-dy / scale).toFixed(3) });
    window.addEventListener("click", (click) => { click.preventDefault(); click.stopPropagation(); }, { capture: true, once: true });
    setTimeout(() => window.dispatchEvent(new Event("drag-over")), 0);
  });
  // A picture of the box is dragged onto the drawing: its middle comes to lie where it is let go.
  document.addEventListener("dragstart", (event) => { const tile = event.target.closest && event.target.closest("[data-pick]"); if (tile) event.dataTransfer.setData("text/plain", tile.dataset.pick); });
  document.addEventListener("dragover", (event) => { if (event.target.closest && event.target.closest("[data-put]")) event.preventDefault(); });
  document.addEventListener("drop", (event) => {
    const dwg = event.target.closest && event.target.closest("[data-put]"), pick = event.dataTransfer.getData("text/plain");
    if (!dwg || !pick) return;
    event.preventDefault();
    const svg = $("svg", dwg), at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse()), scale = +svg.dataset.scale;
    ask("POST", dwg.dataset.put, { ...Object.fromEntries($$("#seen input, #face [name=on]").map((i) => [i.name, i.value])), pick, x: ((at.x - svg.dataset.left) / scale).toFixed(2), y: ((svg.dataset.top - at.y) / scale).toFixed(2) });
  });
  // What goes on by itself is stopped where it is.
  document.addEventListener("click", (event) => {
    const goes = event.target.closest?.("[data-halt]")?.parentElement;
    if (!goes) return;
    goes.querySelectorAll("[hx-get]").forEach((el) => htmx.trigger(el, "htmx:abort"));
    goes.remove();
  });

  // What is sought in a list stays, and what was sought is sought again in the list drawn anew.
  let sought = "";
  const filter = () => $$("[data-filter]").forEach((field) => {
    if (field.value !== sought && document.activeElement !== field) field.value = sought;
    $$(field.dataset.filter).forEach((item) => { item.hidden = !item.textContent.toLowerCase().includes(sought.toLowerCase().trim()); });
  });
  document.addEventListener("input", (event) => { if (event.target.matches("[data-filter]")) { sought = event.target.value; filter(); } });
  document.addEventListener("htmx:afterSettle", filter);

  document.addEventListener("change", (event) => { if (event.target.matches("[data-send]") && event.target.files.length) event.target.form.requestSubmit(); });

  document.addEventListener("dragstart", (event) => { if (event.target.closest && event.target.closest(".main-dwg")) event.preventDefault(); });

  // A double click in the drawing adds something to what lies there.
  document.addEventListener("dblclick", (event) => {
    const link = event.target.closest && event.target.closest(".main-dwg a[data-select]");
    if (!link || !$("#add")) return;
    $("#add-on").value = link.dataset.select;
    $("#add").open = true;
    const first = $("#add button"); if (first) first.focus();
  });

  // A plus on a layer of the stack adds something to that layer.
  document.addEventListener("click", (event) => {
    const plus = event.target.closest && event.target.closest("[data-add-on]");
    if (plus) { event.preventDefault(); event.stopPropagation(); $("#add-on").value = plus.dataset.addOn; $("#add").open = true; const first = $("#add button"); first && first.focus(); }
    else if (event.target.closest && event.target.closest("#add > summary")) $("#add-on").value = "";
  }, true);

  const press = (q) => { const el = $(q); if (el && !el.disabled) el.click(); };
  const walk = (step) => {
    const station = ($("main") || {dataset: {}}).dataset.station;
    if (station === "cut" && $(".now-stroke")) { press(`.stroke-next [data-step=${step > 0 ? "next" : "back"}]`); return; }
    const all = station === "build" ? $$(".steps a.t") : station === "cut" ? $$(".program a.t") : $$(".stackdwg a.ly").reverse();
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
    "p": () => { if (motion.data) play(!motion.playing); },
    "f": () => { const all = $("#all-findings"); if (all) all.open = !all.open; },
  };
  ["1", "2", "3", "4", "5", "6"].forEach((key, i) => { keys[key] = () => { const view = $$("[data-view]")[i]; if (view) view.click(); }; });

  // A field whose region is just being drawn anew keeps the keys meant for it.
  const stepped = { id: "", at: 0 };
  document.addEventListener("keydown", (event) => {
    let field = event.target;
    const upDown = event.key === "ArrowUp" || event.key === "ArrowDown";
    if (upDown && field === document.body && performance.now() - stepped.at < 1500 && document.getElementById(stepped.id)) {
      field = document.getElementById(stepped.id);
      field.focus();
    }
    if (field.matches && field.matches(".par .input[data-unit]") && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      stepped.id = field.id; stepped.at = performance.now();
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
    const onDrawing = field.closest && field.closest("#drawing");
    const arrow = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (arrow && !event.altKey && onDrawing && $(".main-dwg[data-movable]")) {
      event.preventDefault();
      moveBy({ stepX: arrow[0], stepY: arrow[1], fine: event.shiftKey });
      return;
    }
    if (event.key === " " && $("main[data-station=cut]") && !event.target.closest("a, button, summary, select")) {
      event.preventDefault();
      if ($(".now-stroke")) press(".now-stroke .is-primary"); else walk(1);
      return;
    }
    if (event.altKey || localStorage.getItem("letters") === "off") return;
    if ($("main[data-station=run]") && event.key !== "?" && event.key !== "/") {
      if (atWork(event)) event.preventDefault();
      return;
    }
    const onPage = field === document.body || field.matches("main, h1, h2, h3") || field.closest("#drawing, .stackdwg, .steps, .program, .now-stroke, .strip");
    if (!onPage || !keys[event.key]) return;
    event.preventDefault();
    keys[event.key]();
  });

  document.addEventListener("click", ({ target }) => { if (target.closest("[data-keys]")) $("#keys").showModal(); });
  document.addEventListener("change", ({ target }) => { if (target.id === "letters") localStorage.setItem("letters", target.checked ? "on" : "off"); });
  document.addEventListener("DOMContentLoaded", () => { const box = $("#letters"); if (box) box.checked = localStorage.getItem("letters") !== "off"; });

  // A step is dragged, or moved by Alt and an arrow key, inside the window that the rules leave it.
  const steps = () => $$(".steps li[data-op]");
  const moveStep = (from, to) => {
    const item = steps()[from - 1], target = steps()[to - 1];
    if (!item || !target || from === to || to < +item.dataset.from || to > +item.dataset.to || item.dataset.op === target.dataset.op) return;
    const earlier = to < from;
    const seen = Object.fromEntries(new FormData(Object.assign(document.createElement("form"), { innerHTML: $("#seen").innerHTML })));
    ask("POST", location.pathname + "/move", { ...seen, select: item.dataset.op, first: (earlier ? item : target).dataset.op, then: (earlier ? target : item).dataset.op });
  };
  let dragged = null;
  document.addEventListener("dragstart", (event) => {
    dragged = event.target.closest && event.target.closest(".steps li[data-op]");
    if (!dragged) return;
    event.dataTransfer.effectAllowed = "move";
    event.dataTransfer.setData("text/plain", dragged.dataset.op);
    steps().forEach((li) => li.classList.toggle("may", +li.dataset.number >= +dragged.dataset.from && +li.dataset.number <= +dragged.dataset.to));
  });
  document.addEventListener("dragover", (event) => {
    const over = dragged && event.target.closest(".steps li.may");
    steps().forEach((li) => li.classList.toggle("over", li === over));
    if (over) event.preventDefault();
  });
  document.addEventListener("drop", (event) => {
    const over = dragged && event.target.closest(".steps li.may");
    if (over) { event.preventDefault(); moveStep(+dragged.dataset.number, +over.dataset.number); }
  });
  document.addEventListener("dragend", () => { dragged = null; steps().forEach((li) => li.classList.remove("may", "over")); });
  document.addEventListener("keydown", (event) => {
    const way = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    const open = $(".steps li.is-open");
    if (!way || !event.altKey || !open) return;
    event.preventDefault();
    moveStep(+open.dataset.number, +open.dataset.number + way);
  });

  // At the bench: clocks run by time stamps, answers go on until they arrive, space is done.
  const offset = () => { const main = $("main[data-station=run]"); if (main && !main.dataset.off) main.dataset.off = String(+main.dataset.now - Date.now()); return main ? +main.dataset.off : 0; };
  const clock = (ms) => { const s = Math.max(0, Math.round(ms / 1000)), h = Math.floor(s / 3600); return (h ? h + ":" + String(Math.floor(s / 60) % 60).padStart(2, "0") : Math.floor(s / 60)) + ":" + String(s % 60).padStart(2, "0"); };
  const tick = () => {
    if (!$("main[data-station=run]")) return;
    const now = Date.now() + offset();
    $$("[data-since]").forEach((el) => { el.textContent = clock(now - +el.dataset.since); });
    $$(".digits[data-until]").forEach((el) => {
      el.textContent = clock(+el.dataset.until - now);
      if (+el.dataset.until <= now && !el.dataset.told) { el.dataset.told = "1"; htmx.trigger(document.body, "dry"); }
    });
    $$(".t-gone").forEach((el) => el.setAttribute("width", String(370 * Math.min(1, Math.max(0, (now - +el.dataset.from) / (+el.dataset.until - +el.dataset.from))))));
  };
  tick();
  setInterval(tick, 250);
  document.addEventListener("htmx:afterSettle", tick);
  const away = (event) => {
    if (!$("main[data-station=run]")) return;
    $("#lost").hidden = false;
    const form = event.target.closest("form");
    if (form) setTimeout(() => { if (form.isConnected) form.requestSubmit(); }, 1500);
  };
  document.addEventListener("htmx:sendError", away);
  // A server whose database is away could not keep what was said: it is said again, under the same number.
  document.addEventListener("htmx:responseError", (event) => { if ([502, 503, 504].includes(event.detail.xhr.status)) away(event); });
  document.addEventListener("htmx:afterRequest", (event) => { const lost = $("#lost"); if (lost && event.detail.successful) lost.hidden = true; });
  const atWork = (event) => {
    const went = $(".went");
    if (went && went.open) {
      const causes = $$(".causes button", went);
      if (event.key >= "1" && event.key <= String(causes.length)) { causes[+event.key - 1].click(); return true; }
      if (event.key === "Escape" || event.key === "x") { went.open = false; return true; }
      return false;
    }
    const answer = { " ": "done", x: "wrong", p: "pause", u: "undo", 1: "1", 2: "2", 3: "3" }[event.key];
    if (!answer || event.repeat) return false;
    const button = $(`[data-answer="${answer}"]`);
    if (button) button.click();
    return true;
  };

  // Shift with the mouse on + and - takes the fine step.
  document.addEventListener("click", (event) => {
    const nudge = event.target.closest && event.target.closest(".par button[name=nudge]");
    if (nudge && nudge.form.elements.fine && event.isTrusted) nudge.form.elements.fine.value = String(event.shiftKey);
  }, true);

  document.addEventListener("change", (event) => {
    if (event.target.matches(".read input[type=file]")) {
      // The page may have moved on since the form was drawn: what is shown now is what is changed.
      ["version", "revision"].forEach((name) => { const now = $(`#seen [name=${name}]`), own = event.target.form.elements[name]; if (now && own) own.value = now.value; });
      event.target.form.submit();
    }
    if (event.target.matches("select[data-goes]")) event.target.form.requestSubmit();
  });

  // Looks through what is on the page already.
  document.addEventListener("input", ({ target }) => {
    if (!target.dataset || !target.dataset.filters) return;
    const sought = target.value.trim().toLowerCase();
    $$(target.dataset.filters).forEach((el) => { el.hidden = !el.textContent.toLowerCase().includes(sought); });
  });

  // Digits for one hand.
  const pad = $(".piece-in .pad");
  if (pad) {
    const got = $("#got");
    pad.hidden = false;
    pad.addEventListener("click", ({ target }) => {
      const { digit } = target.dataset;
      if (!digit) return;
      got.value = digit === "back" ? got.value.slice(0, -1) : got.value + digit;
    });
  }

  // The card store is away: look again.
  if (document.body.dataset.again) setTimeout(() => location.reload(), 4000);
})();
