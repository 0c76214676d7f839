'use strict';
(() => {
  const $ = id => document.getElementById(id);
  const data = JSON.parse($('drill').textContent);
  const NEAR = 0.03, ROOM = 90, TURN = 3;
  const pooled = i => data.pool[i];
  const svg = (parent, markup) => { parent.innerHTML = markup; };
  let rung, way, t = 0, playing = false, speed = 1, followed = '', before = 0, passed = null, tokens = [], lit = null, glowing = '', scale = 1, reps = null;
  const duration = () => reps ? reps.duration : way.duration;

  /* Runs: differences are added up once, then a place is found between two points. */
  const decoded = new Map();
  function track(i, size) {
    const key = i + '/' + size;
    if (!decoded.has(key)) {
      const raw = pooled(i), points = [], sum = [0, 0, 0, 0];
      for (let k = 0; k < raw.length; k += size) {
        for (let j = 0; j < size; j++) { sum[j] += raw[k + j]; }
        points.push([sum[0] / 100, sum[1] / 10, sum[2] / 10, sum[3]]);
      }
      decoded.set(key, points);
    }
    return decoded.get(key);
  }
  function at(points, time) {
    let low = 0, high = points.length - 1;
    if (time >= points[high][0]) { return points[high]; }
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (points[middle][0] <= time) { low = middle; } else { high = middle; }
    }
    const a = points[low], b = points[high], share = b[0] > a[0] ? (time - a[0]) / (b[0] - a[0]) : 0;
    return [time, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share, a[3] + (b[3] - a[3]) * share];
  }

  function showRung(next) {
    rung = next;
    [...$('rungs').children].forEach((b, i) => b.setAttribute('aria-pressed', data.rungs[i] === rung));
    svg($('ground'), pooled(rung.ground));
    $('rung-name').textContent = rung.name;
    $('rung-length').textContent = rung.length;
    $('climb').textContent = rung.climb ? 'Climb when ' + rung.climb + '.' : '';
    $('limits').replaceChildren(...rung.limits.map(l => element('li', pooled(l))));
    const follow = $('follow');
    follow.replaceChildren(option('', 'everybody'), ...rung.people.filter(p => p.name).map(p => option(p.id, p.name)));
    followed = rung.people.some(p => p.id === followed) ? followed : '';
    follow.value = followed;
    reps = null;
    tokens = [];
    $('live').replaceChildren();
    $('reps').hidden = !rung.reps;
    $('reps').setAttribute('aria-pressed', false);
    for (const p of rung.people) { token(p.id, '<g class="turns"><g class="low lying">' + pooled(p.lying) + '</g><g class="low kneeling">' + pooled(p.kneeling) + '</g>' + pooled(p.turning) + '</g>' + pooled(p.upright), 4); }
    for (const g of rung.gear) { token(g.id, pooled(g.picture), 3); }
    t = 0;
    showWay(rung.ways[0]);
  }
  /* Each token is a picture of its own that is moved as a whole: nothing is painted anew while it plays. */
  function token(id, markup, size) {
    const g = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    g.id = 'token-' + id;
    g.setAttribute('viewBox', [-ROOM, -ROOM, 2 * ROOM, 2 * ROOM].join(' '));
    svg(g, markup);
    $('live').append(g);
    tokens.push({ id, g, turns: g.querySelector('.turns'), size, turned: NaN });
    measure();
  }
  function measure() {
    scale = $('board').clientWidth / data.size[0];
    for (const k of tokens) { k.g.style.width = k.g.style.height = 2 * ROOM * scale + 'px'; }
  }
  function element(kind, words, name) {
    const e = document.createElement(kind);
    e.textContent = words;
    e.dir = 'auto';
    if (name) { e.className = name; }
    return e;
  }
  /* Several reps one after another: everybody who is drawn, by letters, moving on. */
  function showReps(on) {
    pause();
    closeQuestion();
    const here = rung;
    if (!on) { showRung(here); $('reps').focus(); return; }
    reps = rung.reps;
    t = 0;
    $('reps').setAttribute('aria-pressed', true);
    $('live').replaceChildren();
    tokens = [];
    svg($('chalk'), pooled(reps.still) + rung.ways[0].actions.map(a => '<g class="action">' + pooled(a.line) + '</g>').join(''));
    $('glow').replaceChildren();
    glowing = '';
    for (const p of reps.people) {
      token('rep-' + p.letter, '', 4);
      Object.assign(tokens[tokens.length - 1], { person: p, look: null });
    }
    for (const b of reps.balls) {
      token('rep-ball-' + reps.balls.indexOf(b), pooled(b.picture), 3);
      tokens[tokens.length - 1].kept = b;
    }
    $('reads').replaceChildren();
    $('lines').querySelectorAll('li').forEach(li => { li.classList.remove('lit', 'aside'); li.removeAttribute('aria-current'); });
    const follow = $('follow');
    follow.replaceChildren(option('', 'everybody'), ...reps.people.map(p => option(p.letter, p.letter)));
    followed = '';
    $('scrub').max = Math.round(reps.duration * 100);
    show();
  }
  function showMoving() {
    for (const k of tokens) {
      const p = at(track((k.person || k.kept).track, k.size), t);
      if (k.person) {
        const look = k.person.looks.filter(l => l.from <= t + 0.001).pop() || k.person.looks[0];
        if (look !== k.look) {
          k.look = look;
          svg(k.g, '<g class="turns">' + pooled(look.turning) + '</g>' + pooled(look.upright));
          k.turns = k.g.querySelector('.turns');
          k.turned = NaN;
        }
      } else {
        k.g.style.display = t >= k.kept.from && t < k.kept.to ? '' : 'none';
      }
      move(k, p);
    }
    const n = Math.max(1, reps.starts.filter(s => s <= t + 0.001).length);
    $('clock').textContent = 'rep ' + n + ', ' + t.toFixed(1) + ' s';
    $('scrub').value = Math.round(t * 100);
  }
  function move(k, p) {
    k.g.style.transform = 'translate3d(' + ((p[1] - ROOM) * scale).toFixed(2) + 'px,' + ((p[2] - ROOM) * scale).toFixed(2) + 'px,0)';
    if (k.turns && !(Math.abs(p[3] - k.turned) < TURN)) {
      k.turned = p[3];
      k.turns.setAttribute('transform', 'rotate(' + p[3].toFixed(0) + ')');
    }
  }
  function option(value, words) {
    const o = element('option', words);
    o.value = value;
    return o;
  }

  function showWay(next) {
    way = next;
    if (reps) { const then = t; showRung(rung); if (next !== way) { showWay(next); } t = Math.min(then, way.duration); return; }
    passed = null;
    lit = null;
    glowing = '';
    closeQuestion();
    svg($('chalk'), pooled(way.still) + way.actions.map(a => '<g class="action">' + pooled(a.line) + '</g>').join(''));
    svg($('glow'), way.actions.map(a => '<g>' + pooled(a.glow) + '</g>').join(''));
    tokens = tokens.filter(k => { if (k.ball) { k.g.remove(); } return !k.ball; });
    for (const ball of way.balls) {
      token(ball.id, pooled(ball.picture), 3);
      tokens[tokens.length - 1].ball = ball;
    }
    $('scrub').max = Math.round(way.duration * 100);
    t = Math.min(t, way.duration);
    showReads();
    showLines();
    show();
  }
  function showReads() {
    $('reads').replaceChildren(...rung.reads.filter(r => way.taken[r.id] !== undefined).map(read => {
      const set = document.createElement('fieldset');
      set.append(element('legend', (read.who || 'The ball') + (read.worked ? ' (worked out)' : ' decides')));
      for (const o of read.options) {
        const label = document.createElement('label'), input = document.createElement('input');
        input.type = 'radio';
        input.name = 'read-' + read.id;
        input.value = o.id;
        input.checked = way.taken[read.id] === o.id;
        const other = wayWith(read.id, o.id);
        input.disabled = !other;
        input.addEventListener('change', () => { showWay(other); focusOn(read.id, o.id); });
        label.append(input, element('span', o.words));
        if (o.reason) { label.append(element('span', 'if ' + o.reason, 'reason')); }
        set.append(label);
      }
      return set;
    }));
  }
  function focusOn(read, value) {
    const input = [...document.getElementsByName('read-' + read)].find(i => i.value === value);
    if (input) { input.focus(); }
  }
  /* The way that goes so at one read and otherwise as much like this one as can be. */
  function wayWith(read, value) {
    const alike = w => Object.keys(way.taken).filter(k => w.taken[k] === way.taken[k]).length;
    return rung.ways.filter(w => w.taken[read] === value).sort((a, b) => alike(b) - alike(a))[0];
  }
  /* What is told of an option that is not taken shows the way on which it is, from where it begins. */
  function follow(line) {
    const does = w => w.actions.filter(a => a.start !== undefined && line.does.includes(a.id));
    const alike = w => Object.keys(way.taken).filter(k => w.taken[k] === way.taken[k]).length;
    const other = rung.ways.filter(w => does(w).length).sort((a, b) => does(b).length - does(a).length || alike(b) - alike(a))[0];
    if (other) {
      const start = Math.min(...does(other).map(a => a.start));
      showWay(other);
      seek(start + (start > 0 ? 0.001 : 0));
    }
  }
  function showLines() {
    const rows = [];
    way.lines.forEach((line, i) => {
      if (line.heading) { rows.push(element('h3', line.heading)); }
      const told = followed && way.told[followed] ? way.told[followed][i] : undefined;
      const li = document.createElement('li');
      li.tabIndex = 0;
      li.dataset.line = i;
      if (line.depth) { li.style.marginLeft = 1.2 * line.depth + 'em'; }
      li.append(element('b', line.mark), element('span', pooled(told !== undefined ? told : line.text)));
      if (!line.n) { li.classList.add('other'); }
      if (followed && told === undefined) { li.classList.add('aside'); }
      const go = () => {
        pause();
        if (reps) { showRung(rung); }
        if (line.n) { seek(line.t + (line.t > 0 ? 0.001 : 0)); } else { follow(line); }
      };
      li.addEventListener('click', go);
      li.addEventListener('keydown', e => { if (e.key === 'Enter') { go(); } });
      rows.push(li);
    });
    $('lines').replaceChildren(...rows);
    $('chalk').querySelectorAll('.action').forEach((g, i) => g.classList.toggle('aside', !!followed && way.actions[i].who !== followed));
    tokens.forEach(k => k.g.classList.toggle('aside', !!followed && !k.ball && k.id !== followed));
    lit = null;
  }

  function show() {
    if (reps) { showMoving(); return; }
    for (const k of tokens) {
      move(k, at(track(way.tracks[k.id], k.size), t));
      if (k.ball) { k.g.style.display = t >= k.ball.from ? '' : 'none'; }
      const low = (way.low[k.id] || []).filter(l => l[0] <= t + 0.001).pop();
      k.g.setAttribute('class', low ? 'is-' + low[1] : '');
    }
    const shining = way.actions.map(a => a.start !== undefined && t > 0 && a.start <= t && t < a.over);
    const key = shining.join();
    if (key !== glowing) {
      glowing = key;
      [...$('glow').children].forEach((g, i) => { g.style.display = shining[i] ? '' : 'none'; });
    }
    const tenths = t.toFixed(1) + ' s';
    if ($('clock').textContent !== tenths || !playing) {
      $('clock').textContent = tenths;
      $('scrub').value = Math.round(t * 100);
    }
    lightLines();
  }
  function lightLines() {
    const begun = Math.max(...way.lines.map(l => l.t).filter(x => x <= t + NEAR), -1);
    if (begun === lit) { return; }
    lit = begun;
    const words = [];
    for (const li of $('lines').querySelectorAll('li')) {
      const on = Math.abs(way.lines[li.dataset.line].t - begun) < 1e-6;
      li.classList.toggle('lit', on);
      if (on) { li.setAttribute('aria-current', 'step'); words.push(li.textContent); } else { li.removeAttribute('aria-current'); }
    }
    if (playing) { $('now').textContent = words.join(' '); }
  }

  function play() {
    if (t >= duration() - 0.001) { t = 0; passed = null; }
    closeQuestion();
    playing = true;
    before = 0;
    $('play').textContent = 'Pause';
    requestAnimationFrame(frame);
  }
  function pause() {
    playing = false;
    $('play').textContent = 'Play';
  }
  function frame(now) {
    if (!playing) { return; }
    const from = t;
    t = Math.min(duration(), t + (before ? Math.min(0.25, (now - before) / 1000) * speed : 0));
    before = now;
    const stop = !reps && way.stops.find(s => s !== passed && s.t >= from && s.t <= t && !(passed && s.t < passed.t));
    if (stop) {
      t = stop.t;
      passed = stop;
      show();
      pause();
      ask(stop);
      return;
    }
    show();
    if (t >= duration()) { pause(); } else { requestAnimationFrame(frame); }
  }
  function ask(stop) {
    const freeze = rung.freezes.find(f => f.id === stop.about);
    svg($('frozen'), pooled(stop.asked));
    $('asked').textContent = freeze.question;
    $('answer').textContent = freeze.answer;
    $('answer').hidden = true;
    $('reveal').hidden = false;
    $('go-on').hidden = true;
    $('question').hidden = false;
    $('reveal').onclick = () => {
      svg($('frozen'), pooled(stop.answered));
      $('answer').hidden = !freeze.answer;
      $('reveal').hidden = true;
      $('go-on').hidden = false;
      $('go-on').focus();
    };
    $('go-on').onclick = play;
    $('reveal').focus();
  }
  function closeQuestion() {
    $('question').hidden = true;
    $('frozen').replaceChildren();
  }
  function seek(to) {
    t = Math.max(0, Math.min(duration(), to));
    passed = null;
    closeQuestion();
    show();
  }
  function step(by) {
    pause();
    const moments = [...new Set([0, ...(reps ? reps.starts : way.lines.map(l => l.t)), duration()])].sort((a, b) => a - b);
    const next = by > 0 ? moments.find(m => m > t + 0.01) : moments.filter(m => m < t - 0.01).pop();
    seek(next === undefined ? (by > 0 ? duration() : 0) : next);
  }
  function toggle() { if (playing) { pause(); } else { play(); } }
  function showLook() { $('look').textContent = document.documentElement.classList.contains('paper') ? 'Slate' : 'Paper'; }

  for (const id of ['ground', 'glow', 'chalk', 'frozen']) { $(id).setAttribute('viewBox', '0 0 ' + data.size.join(' ')); }
  /* The controls stay in sight under the picture. */
  $('board').style.maxWidth = 'calc(64vh * ' + data.size[0] / data.size[1] + ')';
  if (data.rungs.length > 1) {
    for (const r of data.rungs) {
      const b = element('button', r.name);
      b.type = 'button';
      b.addEventListener('click', () => { pause(); showRung(r); });
      $('rungs').append(b);
    }
  }
  $('play').addEventListener('click', toggle);
  $('back').addEventListener('click', () => step(-1));
  $('next').addEventListener('click', () => step(1));
  $('scrub').addEventListener('input', () => { pause(); seek($('scrub').value / 100); });
  $('speed').addEventListener('change', () => { speed = Number($('speed').value); });
  $('follow').addEventListener('change', () => {
    followed = $('follow').value;
    if (reps) { tokens.forEach(k => k.g.classList.toggle('aside', !!followed && k.person && k.person.letter !== followed)); } else { showLines(); }
    show();
  });
  $('reps').addEventListener('click', () => showReps(!reps));
  $('look').addEventListener('click', () => { document.documentElement.classList.toggle('paper'); showLook(); });
  document.addEventListener('keydown', e => {
    const busy = /^(BUTTON|SELECT|INPUT)$/.test(e.target.tagName);
    if (e.key === ' ' && !busy) { toggle(); e.preventDefault(); }
    if (e.key === 'ArrowRight' && !busy) { step(1); }
    if (e.key === 'ArrowLeft' && !busy) { step(-1); }
  });
  new ResizeObserver(() => { measure(); show(); }).observe($('board'));
  showLook();
  showRung(data.rungs[0]);
})();
