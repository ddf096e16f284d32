"""Solves phone stacks with SciPy's BDF on a mesh three times as fine, as a reference for the heat engine.

Run through `./facelift heat-reference`; needs Debian's python3-scipy. Writes reference.json beside this file.
"""
import json
import pathlib

import numpy
import scipy
from scipy.integrate import solve_ivp

HERE = pathlib.Path(__file__).resolve().parent
PHONES = HERE.parents[3] / "phones"
ROOM = 22.0
AIR = 10.0
# On a plate, lifted, under hot air, resting: seconds, W/(m2 K), degrees of what the face meets.
SPANS = [(200, 125.0, 85.0), (60, AIR, ROOM), (60, 45.0, 110.0), (100, AIR, ROOM)]
STACKS = [("quillon-vesper", "edge"), ("quillon-vesper", "centre"), ("brasca-fern-5", "edge-back"), ("brasca-fern-5", "battery-front")]
# A grain bag laid on the glass, at rest above: kg/m2 as `Source::bagAt` has it, its cells a twentieth of a millimetre.
BAG = {"mass": 0.5, "set": 90.0, "area": 0.025, "conductivity": 0.3, "density": 620.0, "specificHeat": 1800.0, "contact": 1 / 110.0}
ON_THE_GLASS = 240
EVERY = 10
FINER = 3


def mesh(layers):
    capacity, resistance, contact, owner = [], [], [], []
    for number, layer in enumerate(layers):
        cells = FINER * max(4, round(12 * min(1.0, layer["thickness"])))
        if layer["thickness"] > 10:
            cells = round(20 * layer["thickness"])
        dx = layer["thickness"] / 1000 / cells
        for i in range(cells):
            capacity.append(dx * layer["density"] * layer["specificHeat"])
            resistance.append(dx / layer["conductivity"])
            contact.append(layer.get("contact", 0.0) if i == cells - 1 else 0.0)
            owner.append(number)
    c, r, k = map(numpy.array, (capacity, resistance, contact))
    return c, 1 / (r[:-1] / 2 + k[:-1] + r[1:] / 2), r[0] / 2, r[-1] / 2, numpy.array(owner)


def solve(layers, spans, start):
    """Rows of layer means; `start` is the temperature of each layer."""
    _, _, _, _, owner = mesh(layers)
    return follow(layers, spans, numpy.array([float(start[l]) for l in owner]))[0]


def follow(layers, spans, t):
    """Rows of layer means from a profile, and the profile at the end."""
    c, link, front, back, owner = mesh(layers)
    n = len(c)
    clock, rows = 0.0, []

    def row(at, profile):
        rows.append({"second": at, "means": [round(float(profile[owner == l].mean()), 4) for l in range(len(layers))]})

    row(0.0, t)
    for seconds, h, medium in spans:
        inside, outside = 1 / (1 / h + front), 1 / (1 / AIR + back)
        matrix = numpy.zeros((n, n))
        for i in range(n):
            out = (link[i - 1] if i > 0 else inside) + (link[i] if i < n - 1 else outside)
            matrix[i, i] = -out / c[i]
            if i > 0:
                matrix[i, i - 1] = link[i - 1] / c[i]
            if i < n - 1:
                matrix[i, i + 1] = link[i] / c[i]
        source = numpy.zeros(n)
        source[0] += inside * medium / c[0]
        source[-1] += outside * ROOM / c[-1]
        times = numpy.arange(EVERY, seconds + 1, EVERY)
        got = solve_ivp(lambda _, y: matrix @ y + source, (0, seconds), t, method="BDF", jac=matrix, t_eval=times, rtol=1e-8, atol=1e-8)
        for i, at in enumerate(times):
            row(float(clock + at), got.y[:, i])
        t, clock = got.y[:, -1], clock + seconds
    return rows, t


stacks = []
for phone, name in STACKS:
    layers = json.loads((PHONES / f"{phone}.phone.json").read_text())["stacks"][name]["layers"]
    stacks.append({"phone": phone, "stack": name, "rows": solve(layers, SPANS, [ROOM] * len(layers))})
bags = []
for phone, name in STACKS[:2]:
    layers = json.loads((PHONES / f"{phone}.phone.json").read_text())["stacks"][name]["layers"]
    grain = {"thickness": 1000 * BAG["mass"] / (BAG["density"] * BAG["area"]), **BAG}
    rows = solve([grain, *layers], [(ON_THE_GLASS, AIR, ROOM)], [BAG["set"], *[ROOM] * len(layers)])
    bags.append({"phone": phone, "stack": name, "rows": [{"second": r["second"], "means": r["means"][1:]} for r in rows]})
# One phone, one history: its back on the plate, at rest, the back cover off, at rest, then its front on the plate.
ON_BACK = [(200, 125.0, 85.0), (60, AIR, ROOM)]
ON_FRONT = [(120, AIR, ROOM), (150, 125.0, 85.0), (60, AIR, ROOM)]
shells = json.loads((PHONES / "brasca-fern-5.phone.json").read_text())["stacks"]["battery-back"]["layers"]
_, end = follow(shells, ON_BACK, numpy.full(len(mesh(shells)[4]), ROOM))
left = shells[2:][::-1]
warm = end[mesh(shells)[4] >= 2][::-1]
history = {"phone": "brasca-fern-5", "names": [l["name"] for l in left], "rows": follow(left, ON_FRONT, warm)[0]}
# A ring of three stretches: all on the plate, then a gun on the first, ahead on the second, on the second, on the third.
SHARE = 40 / 100
FILM = SHARE * 90.0 + (1 - SHARE) * AIR
GUN = (FILM, ROOM + SHARE * 90.0 / FILM * (150.0 - ROOM))
TURNS = [(120, None), (40, 0), (30, 1), (20, 1), (60, 2), (40, None)]
rings = []
for phone, name in [("quillon-vesper", "edge"), ("maruvi-sorrel", "edge-front")]:
    layers = json.loads((PHONES / f"{phone}.phone.json").read_text())["stacks"][name]["layers"]
    stretches = []
    for stretch in range(3):
        spans = [(TURNS[0][0], 125.0, 95.0)] + [(s, *(GUN if at == stretch else (AIR, ROOM))) for s, at in TURNS[1:]]
        stretches.append(solve(layers, spans, [ROOM] * len(layers)))
    rings.append({"phone": phone, "stack": name, "stretches": stretches})
(HERE / "reference.json").write_text(json.dumps({"solver": "scipy " + scipy.__version__ + ", solve_ivp, BDF, rtol 1e-8", "room": ROOM, "spans": SPANS, "bag": BAG, "bags": bags, "history": history, "rings": rings, "stacks": stacks}, indent=None) + "\n")
print(f"{len(stacks)} stacks, {sum(len(s['rows']) for s in stacks)} rows")
