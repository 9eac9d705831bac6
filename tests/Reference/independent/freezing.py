"""Freezing ground by another method: enthalpy, explicit in time, on an even grid (numpy only).

Reads JSON: width and depth of the ground, m; size of cells, m; a board on top from x = 0, its width, thickness and conductivity;
properties of the ground; start, days and the surface's temperature each day; surface resistance; x of the lines wanted.
Prints the depth of frost below the surface of the ground under each line after the last day, m.
"""
import json
import sys

import numpy as np

q = json.load(sys.stdin)
dx = q["size"]
nx, ny = round(q["width"] / dx), round(q["depth"] / dx)
kf, ku, cf, cu, latent = q["kf"], q["ku"], q["cf"], q["cu"], q["latent"]
h = np.full((ny, nx), float(latent + cu * q["start"]))
x = (np.arange(nx) + 0.5) * dx
board = np.where(x < q["board_width"], q["board_thickness"] / q["board_k"], 0.0)
dt = 0.2 * dx * dx * min(cf, cu) / max(kf, ku)
for day in q["days"]:
    steps = int(np.ceil(86400 / dt))
    for _ in range(steps):
        t = np.where(h < 0, h / cf, np.where(h > latent, (h - latent) / cu, 0.0))
        liquid = np.clip(h / latent, 0, 1)
        k = kf + (ku - kf) * liquid
        flow = np.zeros((ny, nx))
        across = 2 / (1 / k[:, 1:] + 1 / k[:, :-1]) * (t[:, 1:] - t[:, :-1])
        flow[:, :-1] += across
        flow[:, 1:] -= across
        down = 2 / (1 / k[1:] + 1 / k[:-1]) * (t[1:] - t[:-1])
        flow[:-1] += down
        flow[1:] -= down
        flow[0] += (day - t[0]) * dx / (q["resistance"] + board + dx / (2 * k[0]))
        h += 86400 / steps / (dx * dx) * flow
frozen = 1 - np.clip(h / latent, 0, 1)
print(" ".join(f"{frozen[:, int(line / dx)].sum() * dx:.5f}" for line in q["lines"]))
