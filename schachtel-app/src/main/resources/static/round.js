// The card in space: drawn from one description, turned, opened and taken apart here without asking the server again.
let THREE, view;
const INK = "#123b46", MARIGOLD = "#e8a317", MEND = "#c3341c";
// Room that words above and controls below the card take, in pixels.
const ABOVE = 60, BELOW = 104;
const VIEW_ANGLE = 24, RAD = Math.PI / 180, PICTURE = 1600;

export async function mount(holder, moving) {
  if (holder.dataset.live || !document.createElement("canvas").getContext("webgl2")) return;
  holder.dataset.live = "coming";
  const [three, answer] = await Promise.all([import(holder.dataset.three), fetch(holder.dataset.space)]);
  THREE = three;
  if (!answer.ok || !holder.isConnected) return;
  const data = await answer.json();
  if (!view) view = new View();
  view.show(holder, data, moving);
}

// What is drawn, for whoever compares it with something else.
export function drawn() { return view && view.scene; }

class View {
  constructor() {
    this.renderer = new THREE.WebGLRenderer({ antialias: true, alpha: true, preserveDrawingBuffer: true });
    this.renderer.shadowMap.enabled = true;
    this.renderer.shadowMap.type = THREE.PCFSoftShadowMap;
    this.canvas = this.renderer.domElement;
    this.canvas.setAttribute("role", "img");
    this.camera = new THREE.PerspectiveCamera(VIEW_ANGLE, 1, 10, 8000);
    this.near = 1;
    this.apart = 0;
    this.listen();
    new ResizeObserver(() => this.resize()).observe(this.canvas);
  }

  show(holder, data, moving) {
    this.holder = holder;
    this.data = data;
    this.open = data.shown;
    this.moved = { owner: "", share: 0 };
    if (this.turn === undefined) this.side(holder.querySelector("[data-side][aria-current]")?.dataset.side || "corner");
    this.scene = new THREE.Scene();
    this.light();
    this.build();
    holder.append(this.canvas);
    holder.classList.add("is-live");
    holder.dataset.live = "yes";
    this.canvas.setAttribute("aria-label", `${holder.querySelector(".says").innerText.replace("\n", ". ")}. ${holder.dataset.inSight} Layers: ${data.sheets.length}.`);
    holder.querySelector("[data-apart]").value = this.apart;
    holder.querySelector("[data-hidden-edges]").checked = !!this.seesThrough;
    const now = moving();
    if (now) this.move(now); else this.place();
    this.frameUp();
    this.resize();
    this.press();
  }

  light() {
    this.scene.add(new THREE.HemisphereLight("#ffffff", "#dbe2dc", 2.3));
    this.sun = new THREE.DirectionalLight("#fffaf0", 1.35);
    this.sun.castShadow = true;
    this.sun.shadow.mapSize.set(2048, 2048);
    this.sun.shadow.radius = 5;
    this.sun.shadow.bias = -0.0006;
    this.sun.shadow.normalBias = 0.6;
    this.scene.add(this.sun, this.sun.target);
  }

  // One mesh of paper, one of clear things and one of edges for all that moves together.
  build() {
    const bases = new Map();
    this.data.sheets.forEach((s) => { if (s.of === "base" && (!bases.has(s.panel) || s.bottom < bases.get(s.panel))) bases.set(s.panel, s.bottom); });
    const heights = [...new Set(this.data.sheets.filter((s) => s.substance !== "loose").map((s) => s.bottom))].sort((a, b) => a - b);
    this.groups = new Map();
    this.owners = [];
    for (const sheet of this.data.sheets) {
      const key = `${sheet.panel}:${sheet.mover}`;
      if (!this.groups.has(key)) this.groups.set(key, { panel: sheet.panel, mover: sheet.mover, paper: new Faces(), clear: new Faces(), edges: new Edges(), chosen: new Edges() });
      const rank = heights.filter((h) => h <= sheet.bottom + 1e-6).length, base = heights.filter((h) => h <= (bases.get(sheet.panel) ?? 0) + 1e-6).length;
      this.sheet(this.groups.get(key), sheet, rank - base);
    }
    const grain = grainTexture();
    const paper = new THREE.MeshLambertMaterial({ vertexColors: true, map: grain });
    const clear = new THREE.MeshLambertMaterial({ vertexColors: true, transparent: true, depthWrite: false, side: THREE.DoubleSide });
    const ink = new THREE.LineBasicMaterial({ color: INK, transparent: true, opacity: 0.8 });
    const behind = new THREE.LineBasicMaterial({ color: INK, transparent: true, opacity: 0.22, depthTest: false });
    const marigold = new THREE.LineBasicMaterial({ color: MARIGOLD, depthTest: false });
    for (const group of this.groups.values()) {
      group.node = new THREE.Group();
      group.node.matrixAutoUpdate = false;
      const mesh = group.paper.mesh(paper, false);
      if (mesh) { mesh.castShadow = mesh.receiveShadow = true; mesh.userData.owners = group.paper.owners; group.node.add(mesh); }
      const film = group.clear.mesh(clear, true);
      if (film) { film.renderOrder = 2; group.node.add(film); }
      const lines = group.edges.lines(ink);
      if (lines) {
        group.behind = new THREE.LineSegments(lines.geometry, behind);
        group.behind.visible = !!this.seesThrough;
        group.behind.renderOrder = 4;
        group.node.add(lines, group.behind);
      }
      const chosen = group.chosen.lines(marigold);
      if (chosen) { chosen.renderOrder = 5; group.node.add(chosen); }
      this.scene.add(group.node);
    }
    this.bends();
    this.pins();
  }

  // A finding's place: a point on the sheet and a head above it, seen through everything.
  pins() {
    this.pinned = [];
    const reach = Math.max(...this.data.sheets.map((s) => Math.max(...s.rings[0].map(Math.abs)))) / 60;
    for (const pin of JSON.parse(this.holder.dataset.pins || "[]")) {
      const group = [...this.groups.values()].find((g) => g.panel === pin.panel && g.mover < 0);
      if (!group) continue;
      const mend = pin.severity === "mend", [x, y, z] = pin.at, high = reach * 5;
      const paint = new THREE.MeshBasicMaterial({ color: mend ? MEND : INK, depthTest: false, transparent: true });
      const head = new THREE.Mesh(mend ? new THREE.OctahedronGeometry(reach * 1.4) : new THREE.ConeGeometry(reach * 1.3, reach * 2.2, 3), paint);
      head.position.set(x, y, z + high);
      head.rotation.x = Math.PI / 2;
      const stem = new THREE.BufferGeometry();
      stem.setAttribute("position", new THREE.Float32BufferAttribute([x, y, z, x, y, z + high], 3));
      const line = new THREE.Line(stem, new THREE.LineBasicMaterial({ color: mend ? MEND : INK, depthTest: false }));
      for (const part of [line, head]) { part.renderOrder = 6; part.userData.pin = true; group.node.add(part); this.pinned.push(part); }
      head.userData.owners = new Array(64).fill(pin.of);
    }
  }

  seeThrough(on) {
    this.seesThrough = on;
    for (const group of this.groups.values()) if (group.behind) group.behind.visible = on;
    this.render();
  }

  sheet(group, sheet, lift) {
    const colour = new THREE.Color(sheet.colour), thick = sheet.top - sheet.bottom;
    const to = sheet.substance === "clear" ? group.clear : group.paper;
    const alpha = sheet.substance === "clear" ? 0.26 : 1;
    const chosen = sheet.of === this.holder.dataset.chosen && sheet.of !== "base";
    to.begin(sheet.of, lift);
    to.cap(sheet.rings, sheet.top, colour, alpha, 1);
    if (sheet.substance !== "clear") { to.cap(sheet.rings, sheet.bottom, colour, 1, -1); to.walls(sheet.rings, sheet.bottom, sheet.top, colour); }
    this.paint(group, sheet, sheet.over, sheet.top, 1, lift);
    this.paint(group, sheet, sheet.under, sheet.bottom, -1, lift);
    if (sheet.substance !== "cord") for (const edges of chosen ? [group.edges, group.chosen] : [group.edges]) {
      edges.rings(sheet.rings, sheet.top + 0.02, lift);
      if (thick > 0.25 && sheet.substance === "card" || thick > 0.8) edges.rings(sheet.rings, sheet.bottom - 0.02, lift);
    }
  }

  paint(group, sheet, paints, height, way, lift) {
    paints.forEach((paint, i) => {
      const to = paint.opacity < 0.995 ? group.clear : group.paper;
      to.begin(sheet.of, lift);
      to.cap(paint.rings, height + way * (0.03 + 0.004 * i), new THREE.Color(paint.colour), paint.opacity, way);
    });
  }

  bends() {
    this.bendNodes = this.data.bends.map((bend) => {
      const geometry = new THREE.BufferGeometry();
      geometry.setAttribute("position", new THREE.BufferAttribute(new Float32Array(12), 3));
      geometry.setIndex([0, 1, 2, 2, 1, 3]);
      const mesh = new THREE.Mesh(geometry, new THREE.MeshLambertMaterial({ color: bend.colour, side: THREE.DoubleSide }));
      mesh.frustumCulled = false;
      mesh.castShadow = true;
      this.scene.add(mesh);
      return mesh;
    });
  }

  // Where everything is now.
  place() {
    const panels = this.data.panels.map((way) => at(way, this.open));
    const movers = this.data.movers.map((m) => at(m.way, m.of === this.moved.owner ? this.moved.share : m.rest));
    for (const group of this.groups.values()) {
      group.node.matrix.copy(panels[group.panel]);
      if (group.mover >= 0) group.node.matrix.multiply(movers[group.mover]);
      group.node.matrixWorldNeedsUpdate = true;
    }
    this.data.bends.forEach((bend, i) => {
      const [x, y, u, v] = bend.line, on = panels[bend.on], turns = panels[bend.turns];
      const corners = [[x, y, bend.low, on], [u, v, bend.low, on], [x, y, bend.high, turns], [u, v, bend.high, turns]];
      const position = this.bendNodes[i].geometry.attributes.position;
      corners.forEach(([a, b, c, m], k) => { const p = new THREE.Vector3(a, b, c).applyMatrix4(m); position.setXYZ(k, p.x, p.y, p.z); });
      position.needsUpdate = true;
      this.bendNodes[i].geometry.computeVertexNormals();
    });
    this.render();
  }

  // The camera looks at the middle of the card as it is given; the board lies under its lowest point.
  frameUp() {
    this.scene.updateMatrixWorld(true);
    const box = new THREE.Box3();
    for (const group of this.groups.values()) group.node.children.forEach((c) => { if (c.isMesh && !c.userData.pin) box.expandByObject(c); });
    this.box = box;
    this.middle = box.getCenter(new THREE.Vector3());
    this.size = box.getSize(new THREE.Vector3()).length();
    const reach = this.size * 0.75, d = this.size * 1.5;
    this.sun.position.copy(this.middle).add(new THREE.Vector3(-0.5, 0.85, 0.75).multiplyScalar(d));
    this.sun.target.position.copy(this.middle);
    Object.assign(this.sun.shadow.camera, { left: -reach, right: reach, top: reach, bottom: -reach, near: 1, far: d * 3 });
    if (this.data.standing !== "hangs") this.board(box);
  }

  board(box) {
    const around = Math.ceil(this.size / 25) * 25 * 3, y = box.min.y - 0.05;
    const ground = new THREE.Mesh(new THREE.PlaneGeometry(around * 2, around * 2), new THREE.ShadowMaterial({ color: INK, opacity: 0.22 }));
    ground.rotation.x = -Math.PI / 2;
    ground.position.set(this.middle.x, y, this.middle.z);
    ground.receiveShadow = true;
    const lines = [];
    for (let i = -around; i <= around; i += 25) lines.push(-around, y, i, around, y, i, i, y, -around, i, y, around);
    const grid = new THREE.BufferGeometry();
    grid.setAttribute("position", new THREE.Float32BufferAttribute(lines, 3));
    this.scene.add(ground, new THREE.LineSegments(grid, new THREE.LineBasicMaterial({ color: INK, transparent: true, opacity: 0.1 })));
  }

  side(name) {
    this.named = name;
    [this.turn, this.tilt] = this.data.sides[name];
  }

  // The card stands a little above the middle where controls lie under it: in thousandths of the height.
  aim(camera, turn, tilt, near, above = 0) {
    const distance = this.size / 2 / Math.sin(VIEW_ANGLE / 2 * RAD) * 0.98 / near / Math.min(1, camera.aspect);
    camera.near = distance / 20;
    camera.far = distance * 8;
    camera.position.set(Math.sin(turn * RAD) * Math.cos(tilt * RAD), Math.sin(tilt * RAD), Math.cos(turn * RAD) * Math.cos(tilt * RAD)).multiplyScalar(distance).add(this.middle);
    camera.up.set(0, 1, 0);
    camera.lookAt(this.middle);
    if (above) camera.setViewOffset(1000, 1000, 0, above, 1000, 1000);
    camera.updateProjectionMatrix();
  }

  // How far the card as it is given reaches to the edge of the picture, where 1 is the edge: a near corner may reach further than its ball.
  reaches(camera) {
    camera.updateMatrixWorld();
    const { min, max } = this.box;
    const corners = [min.x, max.x].flatMap((x) => [min.y, max.y].flatMap((y) => [min.z, max.z].map((z) => new THREE.Vector3(x, y, z).project(camera))));
    return Math.max(...corners.map((c) => Math.max(Math.abs(c.x), Math.abs(c.y))));
  }

  resize() {
    const { clientWidth: w, clientHeight: h } = this.canvas;
    if (!w || !h || !this.scene) return;
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio || 1));
    this.renderer.setSize(w, h, false);
    this.camera.aspect = w / h;
    this.render();
  }

  render() {
    if (this.waiting) return;
    this.waiting = true;
    requestAnimationFrame(() => {
      this.waiting = false;
      if (!this.middle || !this.canvas.isConnected) return;
      const began = performance.now();
      const over = getComputedStyle(this.holder.querySelector(".round-bar")).position === "absolute";
      const high = this.canvas.clientHeight, above = over ? ABOVE : 0, below = over ? BELOW : 0, free = Math.max(0.4, (high - above - below) / high);
      const shift = (below - above) / 2 / high * 1000;
      this.aim(this.camera, this.turn, this.tilt, free * 1.08, shift);
      const whole = Math.min(1, 0.97 / this.reaches(this.camera));
      if (whole * this.near !== 1) this.aim(this.camera, this.turn, this.tilt, this.near * whole * free * 1.08, shift);
      this.renderer.render(this.scene, this.camera);
      this.holder.dataset.calls = this.renderer.info.render.calls;
      this.holder.dataset.triangles = this.renderer.info.render.triangles;
      this.holder.dataset.ms = (performance.now() - began).toFixed(2);
    });
  }

  move(now) {
    if (now.base) this.open = now.share; else this.moved = now;
    this.place();
  }

  spread(percent) {
    this.apart = percent;
    for (const group of this.groups.values()) for (const part of [group.paper, group.clear, group.edges, group.chosen]) part.lift(percent / 100 * 9);
    this.render();
  }

  press() {
    this.holder.querySelectorAll("[data-side]").forEach((b) => {
      if (b.dataset.side === this.named) b.setAttribute("aria-current", "true"); else b.removeAttribute("aria-current");
    });
  }

  turned(by, tilted) {
    this.turn += by;
    this.tilt = Math.max(-80, Math.min(89, this.tilt + tilted));
    this.named = "";
    this.press();
    this.render();
  }

  nearer(times) {
    this.near = Math.max(0.4, Math.min(6, this.near * times));
    this.render();
  }

  listen() {
    let held = null;
    this.canvas.addEventListener("pointerdown", (e) => { held = { x: e.clientX, y: e.clientY, far: 0 }; this.canvas.setPointerCapture(e.pointerId); });
    this.canvas.addEventListener("pointermove", (e) => {
      if (!held) return;
      const dx = e.clientX - held.x, dy = e.clientY - held.y;
      held = { x: e.clientX, y: e.clientY, far: held.far + Math.abs(dx) + Math.abs(dy) };
      if (held.far > 3) this.turned(-dx * 0.4, dy * 0.4);
    });
    this.canvas.addEventListener("pointerup", (e) => { if (held && held.far <= 3) this.choose(e); held = null; });
    this.canvas.addEventListener("wheel", (e) => { e.preventDefault(); this.nearer(Math.exp(-e.deltaY / 600)); }, { passive: false });
    document.addEventListener("schachtel:moved", (e) => { if (this.holder && this.holder.isConnected) this.move(e.detail); });
    document.addEventListener("keydown", (e) => {
      if (!this.holder || document.activeElement !== this.holder || e.ctrlKey || e.metaKey || e.altKey) return;
      const act = { ArrowLeft: () => this.turned(-6, 0), ArrowRight: () => this.turned(6, 0), ArrowUp: () => this.turned(0, 5), ArrowDown: () => this.turned(0, -5), "+": () => this.nearer(1.12), "-": () => this.nearer(1 / 1.12) }[e.key];
      if (act) { e.preventDefault(); e.stopPropagation(); act(); }
    }, true);
    document.addEventListener("click", (e) => {
      const button = e.target.closest && e.target.closest(".in-round.is-live button, .in-round.is-live [data-side]");
      if (!button) return;
      if (button.dataset.side) { e.preventDefault(); this.side(button.dataset.side); this.press(); this.render(); }
      if ("picture" in button.dataset) this.picture();
      if ("allSides" in button.dataset) this.allSides();
    });
    document.addEventListener("input", (e) => {
      if (e.target.matches("[data-apart]")) this.spread(+e.target.value);
      if (e.target.matches("[data-hidden-edges]")) this.seeThrough(e.target.checked);
    });
  }

  // A click on a piece selects it, as on the other drawings.
  choose(e) {
    const box = this.canvas.getBoundingClientRect();
    const ray = new THREE.Raycaster();
    ray.setFromCamera(new THREE.Vector2((e.clientX - box.left) / box.width * 2 - 1, 1 - (e.clientY - box.top) / box.height * 2), this.camera);
    const hit = ray.intersectObjects(this.scene.children, true).find((h) => h.object.userData.owners);
    if (!hit) return;
    const owner = hit.object.userData.owners[hit.faceIndex];
    const link = document.createElement("a");
    link.href = this.holder.dataset.selectAt + owner;
    link.dataset.select = owner;
    this.holder.append(link);
    link.click();
    link.remove();
  }

  shot(width, height, turn, tilt, near) {
    const camera = new THREE.PerspectiveCamera(VIEW_ANGLE, width / height, 10, 8000);
    this.aim(camera, turn, tilt, near);
    const ratio = this.renderer.getPixelRatio();
    this.renderer.setPixelRatio(1);
    this.renderer.setSize(width, height, false);
    this.renderer.setClearColor("#e9efea", 1);
    this.pinned.forEach((part) => { part.visible = false; });
    this.renderer.render(this.scene, camera);
    this.pinned.forEach((part) => { part.visible = true; });
    const picture = document.createElement("canvas");
    picture.width = width;
    picture.height = height;
    picture.getContext("2d").drawImage(this.canvas, 0, 0);
    this.renderer.setClearColor("#000000", 0);
    this.renderer.setPixelRatio(ratio);
    this.resize();
    return picture;
  }

  title(picture, height) {
    const pen = picture.getContext("2d");
    pen.fillStyle = INK;
    pen.font = `600 ${height}px "Bricolage Grotesque", sans-serif`;
    pen.fillText(this.holder.dataset.name, height, height * 1.7);
  }

  picture() {
    const picture = this.shot(PICTURE, PICTURE * 3 / 4, this.turn, this.tilt, this.near);
    this.title(picture, 44);
    this.save(picture, "");
  }

  allSides() {
    const sheet = document.createElement("canvas"), w = PICTURE / 2, h = w * 3 / 4, pen = sheet.getContext("2d");
    sheet.width = PICTURE;
    sheet.height = h * 3;
    ["front", "corner", "left", "right", "above", "behind"].forEach((name, i) => {
      pen.drawImage(this.shot(w, h, ...this.data.sides[name], 1), i % 2 * w, Math.floor(i / 2) * h);
      pen.fillStyle = INK;
      pen.font = '24px "Atkinson Hyperlegible Next", sans-serif';
      pen.fillText(name, i % 2 * w + 24, Math.floor(i / 2) * h + h - 24);
    });
    this.title(sheet, 36);
    this.save(sheet, ", all sides");
  }

  save(picture, what) {
    picture.toBlob((blob) => {
      const link = document.createElement("a");
      link.href = URL.createObjectURL(blob);
      link.download = `${this.holder.dataset.name}${what}.png`;
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 10000);
    }, "image/png");
  }
}

// Between two places of a way all is filled in straight.
function at(way, share) {
  const all = Math.max(0, Math.min(1, share)) * (way.length - 1), low = Math.max(0, Math.min(way.length - 2, Math.floor(all)));
  const from = way[low], to = way[Math.min(way.length - 1, low + 1)], t = all - low;
  const m = from.map((f, i) => f + (to[i] - f) * t);
  return new THREE.Matrix4().set(m[0], m[3], m[6], m[9], m[1], m[4], m[7], m[10], m[2], m[5], m[8], m[11], 0, 0, 0, 1);
}

// What can be lifted off its place, layer by layer.
class Liftable {
  constructor() { this.position = []; this.lifts = []; }
  lift(by) {
    const position = this.geometry && this.geometry.attributes.position;
    if (!position) return;
    this.lifts.forEach((l, i) => position.setZ(i, this.position[3 * i + 2] + l * by));
    position.needsUpdate = true;
  }
}

class Faces extends Liftable {
  constructor() { super(); this.normal = []; this.colour = []; this.uv = []; this.index = []; this.owners = []; }
  begin(owner, lift) { this.owner = owner; this.up = lift; }
  point(x, y, z, n, c, alpha, u, v) {
    this.position.push(x, y, z);
    this.normal.push(...n);
    this.colour.push(c.r, c.g, c.b, alpha);
    this.uv.push(u / 60, v / 60);
    this.lifts.push(this.up);
    return this.lifts.length - 1;
  }
  triangle(a, b, c) { this.index.push(a, b, c); this.owners.push(this.owner); }
  cap(rings, z, colour, alpha, way) {
    const points = rings.map(pairs);
    if (!points[0].length) return;
    if (THREE.ShapeUtils.isClockWise(points[0])) points[0].reverse();
    points.slice(1).forEach((hole) => { if (!THREE.ShapeUtils.isClockWise(hole)) hole.reverse(); });
    const first = this.lifts.length;
    points.flat().forEach((p) => this.point(p.x, p.y, z, [0, 0, way], colour, alpha, p.x, p.y));
    THREE.ShapeUtils.triangulateShape(points[0], points.slice(1)).forEach(([a, b, c]) => this.triangle(first + a, first + (way > 0 ? b : c), first + (way > 0 ? c : b)));
  }
  walls(rings, low, high, colour) {
    rings.forEach((ring, r) => {
      const points = pairs(ring);
      if (THREE.ShapeUtils.isClockWise(points) === (r === 0)) points.reverse();
      points.forEach((p, i) => {
        const q = points[(i + 1) % points.length], l = Math.hypot(q.x - p.x, q.y - p.y) || 1, n = [(q.y - p.y) / l, (p.x - q.x) / l, 0];
        const [a, b, c, d] = [[p, low], [q, low], [q, high], [p, high]].map(([o, z]) => this.point(o.x, o.y, z, n, colour, 1, o.x + o.y, z));
        this.triangle(a, b, c);
        this.triangle(a, c, d);
      });
    });
  }
  mesh(material, clear) {
    if (!this.index.length) return null;
    const g = this.geometry = new THREE.BufferGeometry();
    g.setAttribute("position", new THREE.Float32BufferAttribute(this.position, 3));
    g.setAttribute("normal", new THREE.Float32BufferAttribute(this.normal, 3));
    g.setAttribute("color", clear ? new THREE.Float32BufferAttribute(this.colour, 4) : new THREE.Float32BufferAttribute(this.colour.filter((_, i) => i % 4 < 3), 3));
    g.setAttribute("uv", new THREE.Float32BufferAttribute(this.uv, 2));
    g.setIndex(this.index);
    return new THREE.Mesh(g, material);
  }
}

class Edges extends Liftable {
  rings(rings, z, lift) {
    rings.forEach((ring) => pairs(ring).forEach((p, i, all) => {
      const q = all[(i + 1) % all.length];
      this.position.push(p.x, p.y, z, q.x, q.y, z);
      this.lifts.push(lift, lift);
    }));
  }
  lines(material) {
    if (!this.position.length) return null;
    this.geometry = new THREE.BufferGeometry();
    this.geometry.setAttribute("position", new THREE.Float32BufferAttribute(this.position, 3));
    return new THREE.LineSegments(this.geometry, material);
  }
}

function pairs(ring) {
  const points = [];
  for (let i = 0; i < ring.length; i += 2) points.push(new THREE.Vector2(ring[i], ring[i + 1]));
  return points;
}

// Fibres and specks of paper, the same every time.
let grain;
function grainTexture() {
  if (grain) return grain;
  const size = 256, canvas = document.createElement("canvas");
  canvas.width = canvas.height = size;
  const pen = canvas.getContext("2d"), pixels = pen.createImageData(size, size);
  let seed = 20270531;
  for (let i = 0; i < size * size; i++) {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    const v = 243 + (seed >> 8) % 13;
    pixels.data.set([v, v, v, 255], 4 * i);
  }
  pen.putImageData(pixels, 0, 0);
  grain = new THREE.CanvasTexture(canvas);
  grain.wrapS = grain.wrapT = THREE.RepeatWrapping;
  grain.colorSpace = THREE.SRGBColorSpace;
  return grain;
}
