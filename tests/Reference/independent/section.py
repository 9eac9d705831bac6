"""Solves a section file by finite elements, on a mesh of its own, with scipy or with FreeFem++.

    section.py scipy|freefem++ SECTION.json SPACING

Nothing of it is shared with the program under test: other lines, nodes at the corners of cells instead of their
centres, elements instead of volumes, a direct solver instead of an iterative one. SPACING is the size of element at
the edges of regions, in m; away from them it grows by a fifth from one to the next. Prints {"flows", "probes"} and,
where the section has a period, {"harmonic"}.
"""
import json
import math
import subprocess
import sys
import tempfile

import numpy as np
from scipy.sparse import coo_matrix
from scipy.sparse.linalg import spsolve


def lines(places, spacing):
    places = sorted(set(round(p, 9) for p in places))
    out = [places[0]]
    for a, b in zip(places, places[1:]):
        # Grow from both ends towards the middle.
        half, sizes, size = (b - a) / 2, [], min(spacing, (b - a) / 4)
        while sum(sizes) < half:
            sizes.append(size)
            size *= 1.2
        scale = half / sum(sizes)
        at = np.cumsum(sizes) * scale
        out += [a + t for t in at[:-1]] + [a + half] + [b - t for t in at[-2::-1]] + [b]
    return np.array(out)


def outline(region):
    if 'polygon' in region:
        return region['polygon']
    (a, b), (c, d) = region['x'], region['y']
    return [[a, c], [b, c], [b, d], [a, d]]


def inside(polygon, x, y):
    hit = np.zeros(x.shape, bool)
    u, v = polygon[-1]
    for p, q in polygon:
        if v != q:
            hit ^= ((v > y) != (q > y)) & (x < u + (p - u) * (y - v) / (q - v))
        u, v = p, q
    return hit


class Mesh:
    def __init__(self, section, spacing):
        shapes = [outline(r) for r in section['regions']]
        self.x = lines([p[0] for s in shapes for p in s] + [v for b in section['boundaries'] + section.get('sources', []) for v in b['x']], spacing)
        self.y = lines([p[1] for s in shapes for p in s] + [v for b in section['boundaries'] + section.get('sources', []) for v in b['y']], spacing)
        names = list(section['materials'])
        cx, cy = np.meshgrid((self.x[1:] + self.x[:-1]) / 2, (self.y[1:] + self.y[:-1]) / 2)
        self.material = np.full(cx.shape, -1)
        for region, shape in zip(section['regions'], shapes):
            self.material[inside(shape, cx, cy)] = -1 if region['material'] == 'void' else names.index(region['material'])
        self.k = np.array([section['materials'][n]['conductivity'] for n in names])
        self.c = np.array([section['materials'][n].get('capacity', 0) for n in names])

    def node(self, i, j):
        return j * len(self.x) + i

    def edges(self, boundary):
        """Pairs of nodes along a boundary, with their distance."""
        (x0, x1), (y0, y1) = sorted(boundary['x']), sorted(boundary['y'])
        near = lambda v, w: abs(v - w) < 1e-8
        if near(x0, x1):
            i = int(np.argmin(abs(self.x - x0)))
            js = [j for j in range(len(self.y) - 1) if self.y[j] > y0 - 1e-8 and self.y[j + 1] < y1 + 1e-8]
            return [(self.node(i, j), self.node(i, j + 1), self.y[j + 1] - self.y[j]) for j in js]
        j = int(np.argmin(abs(self.y - y0)))
        xs = [i for i in range(len(self.x) - 1) if self.x[i] > x0 - 1e-8 and self.x[i + 1] < x1 + 1e-8]
        return [(self.node(i, j), self.node(i + 1, j), self.x[i + 1] - self.x[i]) for i in xs]

    def triangles(self):
        j, i = np.nonzero(self.material >= 0)
        a, b = self.node(i, j), self.node(i + 1, j)
        d, c = self.node(i, j + 1), self.node(i + 1, j + 1)
        # The diagonal alternates, so that no direction is favoured.
        even = (i + j) % 2 == 0
        first = np.where(even[:, None], np.stack([a, b, c], 1), np.stack([a, b, d], 1))
        second = np.where(even[:, None], np.stack([a, c, d], 1), np.stack([b, c, d], 1))
        return np.concatenate([first, second]), np.concatenate([self.material[j, i]] * 2)

    def nearest(self, probe):
        return self.node(int(np.argmin(abs(self.x - probe['x']))), int(np.argmin(abs(self.y - probe['y']))))


def by_scipy(section, mesh):
    """Bilinear elements on the rectangles."""
    j, i = np.nonzero(mesh.material >= 0)
    hx, hy = (mesh.x[i + 1] - mesh.x[i]), (mesh.y[j + 1] - mesh.y[j])
    corners = np.stack([mesh.node(i, j), mesh.node(i + 1, j), mesh.node(i + 1, j + 1), mesh.node(i, j + 1)], 1)
    k, c = mesh.k[mesh.material[j, i]], mesh.c[mesh.material[j, i]]
    sx = np.array([[2, -2, -1, 1], [-2, 2, 1, -1], [-1, 1, 2, -2], [1, -1, -2, 2]]) / 6
    sy = np.array([[2, 1, -1, -2], [1, 2, -2, -1], [-1, -2, 2, 1], [-2, -1, 1, 2]]) / 6
    m = np.array([[4, 2, 1, 2], [2, 4, 2, 1], [1, 2, 4, 2], [2, 1, 2, 4]]) / 36
    stiff = (k * hy / hx)[:, None, None] * sx + (k * hx / hy)[:, None, None] * sy
    mass = (c * hx * hy)[:, None, None] * m
    n = len(mesh.x) * len(mesh.y)
    rows, cols = np.repeat(corners, 4, 1).ravel(), np.tile(corners, 4).ravel()
    omega = 2 * math.pi / section['period_s'] if 'period_s' in section else 0
    load, swing = np.zeros(n), np.zeros(n, complex)
    er, ec, ev, faces = [], [], [], []
    for b in section['boundaries']:
        amplitude = complex(b.get('amplitude', {}).get('re', 0), b.get('amplitude', {}).get('im', 0))
        for p, q, length in mesh.edges(b):
            if 'flux' in b:
                for node in (p, q):
                    load[node] += b['flux'] * length / 2
                    swing[node] += amplitude * length / 2
                faces.append((b['name'], p, q, length, None, b['flux'], amplitude))
                continue
            h = 1 / max(b.get('resistance', 0), 1e-8)
            er += [p, q, p, q]
            ec += [p, q, q, p]
            ev += [h * length / 3, h * length / 3, h * length / 6, h * length / 6]
            for node in (p, q):
                load[node] += h * b['temperature'] * length / 2
                swing[node] += h * amplitude * length / 2
            faces.append((b['name'], p, q, length, h, b['temperature'], amplitude))
    for s in section.get('sources', []):
        cx, cy = (mesh.x[i] + mesh.x[i + 1]) / 2, (mesh.y[j] + mesh.y[j + 1]) / 2
        hit = (cx > s['x'][0]) & (cx < s['x'][1]) & (cy > s['y'][0]) & (cy < s['y'][1])
        np.add.at(load, corners[hit].ravel(), np.repeat(s['power'] * (hx * hy)[hit] / 4, 4))
    K = coo_matrix((np.concatenate([stiff.ravel(), ev]), (np.concatenate([rows, er]), np.concatenate([cols, ec]))), shape=(n, n)).tocsr()
    used = np.unique(corners)
    answer = {}

    def flows(t, which):
        out = {}
        for name, p, q, length, h, value, amplitude in faces:
            at = (value, amplitude)[which]
            out[name] = out.get(name, 0) + (length * at if h is None else h * length * (at - (t[p] + t[q]) / 2))
        return out

    t = np.zeros(n)
    t[used] = spsolve(K[used][:, used].tocsc(), load[used])
    answer['flows'] = flows(t, 0)
    answer['probes'] = {p['name']: t[mesh.nearest(p)] for p in section.get('probes', [])}
    if omega:
        M = coo_matrix((mass.ravel(), (rows, cols)), shape=(n, n)).tocsr()
        z = np.zeros(n, complex)
        z[used] = spsolve((K + 1j * omega * M)[used][:, used].tocsc(), swing[used])
        answer['harmonic'] = {'flows': flows(z, 1), 'probes': {p['name']: z[mesh.nearest(p)] for p in section.get('probes', [])}}
    return answer


def by_freefem(section, mesh):
    """Quadratic elements on triangles; the mesh goes over as a file, FreeFem++ does the rest."""
    triangles, material = mesh.triangles()
    used = np.unique(triangles)
    number = {node: k + 1 for k, node in enumerate(used)}
    xs, ys = mesh.x[used % len(mesh.x)], mesh.y[used // len(mesh.x)]
    edges = [(number[p], number[q], label + 1) for label, b in enumerate(section['boundaries']) for p, q, _ in mesh.edges(b)]
    omega = 2 * math.pi / section['period_s'] if 'period_s' in section else 0
    with tempfile.TemporaryDirectory() as folder:
        with open(f'{folder}/a.msh', 'w') as f:
            f.write(f'{len(used)} {len(triangles)} {len(edges)}\n')
            f.writelines(f'{x:.12g} {y:.12g} 0\n' for x, y in zip(xs, ys))
            f.writelines(f'{number[a]} {number[b]} {number[c]} {m}\n' for (a, b, c), m in zip(triangles, material))
            f.writelines(f'{p} {q} {label}\n' for p, q, label in edges)
        robin = [(k + 1, b, 1 / max(b.get('resistance', 0), 1e-8)) for k, b in enumerate(section['boundaries']) if 'flux' not in b]
        assert len(robin) == len(section['boundaries']) and not section.get('sources'), 'only temperatures'
        terms = ''.join(f' + int1d(Th,{k})({h:.12g}*u*v)' for k, _, h in robin)
        real = ''.join(f' - int1d(Th,{k})({h * b["temperature"]:.12g}*v)' for k, b, h in robin)
        amp = lambda b: f'({b.get("amplitude", {}).get("re", 0):.12g}+{b.get("amplitude", {}).get("im", 0):.12g}*1i)'
        lists = lambda name, values: f'real[int] {name}(' + str(len(values)) + '); ' + ' '.join(f'{name}[{k}]={v:.12g};' for k, v in enumerate(values))
        script = [f'mesh Th = readmesh("{folder}/a.msh");', 'fespace Vh(Th, P2); fespace Ph(Th, P0);', lists('kk', mesh.k), lists('cc', mesh.c),
                  'Ph k = kk[region]; Ph c = cc[region]; Vh u, v;', f'solve A(u,v) = int2d(Th)(k*(dx(u)*dx(v)+dy(u)*dy(v))){terms}{real};', 'cout.precision(12);']
        for k, b, h in robin:
            script.append(f'cout << "@flow " << {k - 1} << " " << int1d(Th,{k})({h:.12g}*({b["temperature"]:.12g}-u)) << " 0" << endl;')
        for k, p in enumerate(section.get('probes', [])):
            script.append(f'cout << "@probe " << {k} << " " << u({p["x"]:.12g},{p["y"]:.12g}) << " 0" << endl;')
        if omega:
            swing = ''.join(f' - int1d(Th,{k})({h:.12g}*{amp(b)}*w)' for k, b, h in robin)
            script += ['Vh<complex> z, w;', f'solve B(z,w) = int2d(Th)(k*(dx(z)*dx(w)+dy(z)*dy(w)) + 1i*{omega:.12g}*c*z*w){terms.replace("u*v", "z*w")}{swing};']
            for k, b, h in robin:
                script.append(f'{{ complex q = int1d(Th,{k})({h:.12g}*({amp(b)}-z)); cout << "@hflow " << {k - 1} << " " << real(q) << " " << imag(q) << endl; }}')
            for k, p in enumerate(section.get('probes', [])):
                script.append(f'{{ complex q = z({p["x"]:.12g},{p["y"]:.12g}); cout << "@hprobe " << {k} << " " << real(q) << " " << imag(q) << endl; }}')
        with open(f'{folder}/a.edp', 'w') as f:
            f.write('\n'.join(script))
        run = subprocess.run(['FreeFem++-nw', '-v', '0', '-nw', f'{folder}/a.edp'], capture_output=True, text=True)
    out = {'flows': {}, 'probes': {}, 'harmonic': {'flows': {}, 'probes': {}}}
    for line in run.stdout.splitlines():
        if line.startswith('@'):
            what, k, re, im = line[1:].split()
            group, value = (out['harmonic'], complex(float(re), float(im))) if what[0] == 'h' else (out, float(re))
            if what.endswith('flow'):
                name = section['boundaries'][int(k)]['name']
                group['flows'][name] = group['flows'].get(name, 0) + value
            else:
                group['probes'][section['probes'][int(k)]['name']] = value
    if not out['flows']:
        sys.exit(run.stdout + run.stderr)
    return out


def plain(value):
    if isinstance(value, dict):
        return {k: plain(v) for k, v in value.items()}
    return {'re': float(value.real), 'im': float(value.imag)} if isinstance(value, complex) else float(value)


if __name__ == '__main__':
    solver, path, spacing = sys.argv[1:]
    section = json.load(sys.stdin if path == '-' else open(path))
    mesh = Mesh(section, float(spacing))
    print(json.dumps(plain({'scipy': by_scipy, 'freefem++': by_freefem}[solver](section, mesh)), default=float))
