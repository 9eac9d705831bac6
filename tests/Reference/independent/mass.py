"""Dynamic characteristics and a room's cooling, by other ways than the program's: standard input {stacks, room}, JSON out.

stacks: the transfer matrix of each layer as the exponential of its differential equation, instead of the closed form.
room: the network handed over is integrated by a stiff solver with its own error control, instead of fixed implicit steps;
the floor's film switches as EN 1264-2 has it.
"""
import json
import sys

import numpy as np
from scipy.integrate import solve_ivp
from scipy.linalg import expm


def stack(s):
    w = 2 * np.pi / s["period"]
    z = np.array([[1, -s["inside"]], [0, 1]], dtype=complex)
    for d, lam, c in s["layers"]:
        # d/dx (T, q) = (−q/λ, −iωρc T)
        z = expm(np.array([[0, -1 / lam], [-1j * w * c, 0]]) * d) @ z
    z = np.array([[1, -s["outside"]], [0, 1]]) @ z
    half = s["period"] / 2 / np.pi
    return {
        "y11": abs(z[0, 0] / z[0, 1]), "y12": 1 / abs(z[0, 1]),
        "kappa1": half * abs((z[0, 0] - 1) / z[0, 1]), "kappa2": half * abs((z[1, 1] - 1) / z[0, 1]),
    }


def room(r):
    branches = r["branches"]
    sizes = [len(b["capacities"]) for b in branches]
    at = np.cumsum([0] + sizes)

    def rates(t, y):
        hour = min(int(t // 3600), len(r["outside"]) - 1)
        te, tg, air = r["outside"][hour], r["beyond"][hour], y[-1]
        dy = np.zeros_like(y)
        dy[-1] = r["direct"] * (te - air) + r["gains"]
        for k, b in enumerate(branches):
            temp = y[at[k]:at[k + 1]]
            film = b["film"]
            if k == 0 and temp[0] > air:
                # Of the surface over the room, not of the first cell: solved for.
                over = temp[0] - air
                for _ in range(40):
                    h = 8.92 * max(over, 0.05) ** 0.1
                    over = (temp[0] - air) / (1 + b["near"] * h)
                film = 1 / h if over > 0.05 else film
            flow = b["area"] / (b["near"] + film) * (air - temp[0])
            dy[-1] -= flow
            g = np.array(b["conductances"])
            through = g * (temp[:-1] - temp[1:])
            net = np.zeros_like(temp)
            net[0] += flow
            net[:-1] -= through
            net[1:] += through
            net[-1] -= b["far"] * (temp[-1] - (tg if b["ground"] else te))
            dy[at[k]:at[k + 1]] = net / np.array(b["capacities"])
        dy[-1] /= r["capacity"]
        return dy

    y = np.concatenate([np.array(c) for c in r["start"]] + [[r["air"]]])
    out = []
    for hour in range(len(r["outside"])):
        y = solve_ivp(rates, (3600 * hour, 3600 * hour + 3599.999), y, method="LSODA", rtol=1e-7, atol=1e-7).y[:, -1]
        out.append([y[-1], y[0]])
    return out


data = json.load(sys.stdin)
json.dump({"stacks": [stack(s) for s in data.get("stacks", [])], "room": room(data["room"]) if data.get("room") else None}, sys.stdout)
