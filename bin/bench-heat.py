"""Times SciPy's BDF on the system that bin/bench-heat.php has just solved, at the loosest tolerance that is as exact.

Reads JSON: layers, finest, contact, set, room, seconds, layer, times, means. Writes JSON: ms, error, tolerance, php (errors in K).
"""
import json
import sys
import time

import numpy
from scipy.integrate import solve_ivp

AIR = 10.0
ask = json.load(sys.stdin)
capacity, resistance, contact, owner = [], [], [], []
for number, layer in enumerate(ask["layers"]):
    cells = max(2, int(ask["finest"] * min(1.0, layer["thickness"]) + 0.5))
    dx = layer["thickness"] / 1000 / cells
    for i in range(cells):
        capacity.append(dx * layer["density"] * layer["specificHeat"])
        resistance.append(dx / layer["conductivity"])
        contact.append(layer.get("contact", 0.0) if i == cells - 1 else 0.0)
        owner.append(number)
c, r, k, owner = map(numpy.array, (capacity, resistance, contact, owner))
link = 1 / (r[:-1] / 2 + k[:-1] + r[1:] / 2)
front, back = 1 / (1 / ask["contact"] + r[0] / 2), 1 / (1 / AIR + r[-1] / 2)
n = len(c)
matrix = numpy.diag(-(numpy.append(front, link) + numpy.append(link, back)) / c) + numpy.diag(link / c[1:], -1) + numpy.diag(link / c[:-1], 1)
source = numpy.zeros(n)
source[0] += front * ask["set"] / c[0]
source[-1] += back * ask["room"] / c[-1]


def run(tolerance):
    got = solve_ivp(lambda _, y: matrix @ y + source, (0, ask["seconds"]), numpy.full(n, ask["room"]), method="BDF", jac=matrix, t_eval=ask["times"], rtol=tolerance, atol=tolerance)
    return got.y[owner == ask["layer"]].mean(axis=0)


def fastest(tolerance):
    took = []
    for _ in range(7):
        begun = time.perf_counter()
        run(tolerance)
        took.append(time.perf_counter() - begun)
    return 1000 * sorted(took)[3]


exact = run(1e-11)
php = float(numpy.abs(numpy.array(ask["means"]) - exact).max())
for tolerance in (3e-2, 1e-2, 3e-3, 1e-3, 3e-4, 1e-4, 3e-5, 1e-5, 1e-6):
    error = float(numpy.abs(run(tolerance) - exact).max())
    if error <= php:
        break
print(json.dumps({"ms": fastest(tolerance), "error": error, "tolerance": tolerance, "php": php}))
