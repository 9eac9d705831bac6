"""Reads stacks as JSON and answers with vapour pressures and rates, by a way of its own.

The pressure through a stack is the stretched string that keeps under saturation: it makes the sum of (dp)²/ds least
among all that do. scipy's bounded least squares finds it; where it is held back, water comes free.
"""
import json
import sys

import numpy as np
from scipy.optimize import lsq_linear
from scipy.linalg import solve_banded

DELTA = 2e-10


def glaser(case):
    s, full, first, last = np.array(case["s"]), np.array(case["saturation"]), case["first"], case["last"]
    first, last = min(first, full[0]), min(last, full[-1])
    n = len(s) - 2
    width = np.diff(s)
    rows = np.zeros((n + 1, n))
    right = np.zeros(n + 1)
    for i, w in enumerate(width):
        scale = 1 / np.sqrt(w)
        if i > 0:
            rows[i, i - 1] -= scale
        else:
            right[i] += first * scale
        if i < n:
            rows[i, i] += scale
        else:
            right[i] -= last * scale
    inner = lsq_linear(rows, right, bounds=(-np.inf, full[1:-1]), method="bvls", tol=1e-14).x
    p = np.concatenate([[first], inner, [last]])
    slope = np.diff(p) / width
    return {"p": p.tolist(), "rates": (DELTA * (slope[1:] - slope[:-1])).tolist()}


def drying(case):
    """Humidity at a depth of a slab that dries from one face, by implicit steps on a fine grid."""
    n, length, d = 400, case["length"], case["diffusivity"]
    h = length / n
    dt = case["days"] * 86400.0 / 4000
    r = d * dt / h**2
    u = np.full(n + 1, case["start"])
    u[-1] = case["air"]
    band = np.zeros((3, n + 1))
    band[1] = 1 + 2 * r
    band[0, 1:] = -r
    band[2, :-1] = -r
    band[0, 1] = -2 * r  # the shut face
    band[1, -1], band[2, -2] = 1.0, 0.0
    for _ in range(4000):
        right = u.copy()
        right[-1] = case["air"]
        u = solve_banded((1, 1), band, right)
    return {"humidity": float(np.interp(case["from"], np.linspace(0, length, n + 1), u))}


ways = {"glaser": glaser, "drying": drying}
json.dump([ways[c["way"]](c) for c in json.load(sys.stdin)], sys.stdout)
