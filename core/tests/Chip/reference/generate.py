"""Hot air on a chip over a panel, solved with SciPy's BDF on rings three times as fine, as a reference for the engine.

Run with Debian's python3 and python3-scipy. Writes reference.json beside this file. The equation is written down here
once more, from the fin equation, and shares no code with the engine.
"""
import json
import math
import pathlib

import numpy
from scipy.integrate import solve_ivp
from scipy.special import i0, i1, k0, k1

HERE = pathlib.Path(__file__).resolve().parent
PHONE = HERE.parents[3] / "phones" / "quillon-vesper.phone.json"
ROOM, STILL, AIR, SHINES, SHIELD, COVER, WINDOW = 22.0, 10.0, 0.033, 8.0, 0.008, 0.02, 1.5e-3
FLEX = {"k": 10.0, "c": 2000.0 * 1050.0}
PANEL = {"d": 1.0e-3, "k": 0.9, "c": 2300.0 * 850.0}


def solve(chip, shielded, air, film, spans, jet=5e-3):
    radius = math.sqrt(chip["width"] * chip["height"] / math.pi) / 1000
    flex_d = chip["flex"] / 1000
    across = 1 / (AIR / (chip["gap"] / 1000) + SHINES) + (SHIELD if shielded else 0.0)
    edges = numpy.concatenate([numpy.arange(0, 8e-3, 8.3e-5), numpy.geomspace(8e-3, 40e-3, 90)])
    mid = (edges[1:] + edges[:-1]) / 2
    area = math.pi * (edges[1:] ** 2 - edges[:-1] ** 2)
    link = 2 * math.pi * edges[1:-1] / numpy.diff(mid)

    def within(r):
        to = numpy.clip(r, edges[:-1], edges[1:])
        return (to**2 - edges[:-1] ** 2) / (edges[1:] ** 2 - edges[:-1] ** 2)

    under = within(radius)
    met = numpy.maximum(under, within(jet))
    open_ = numpy.minimum(met, numpy.maximum(under, within(radius + WINDOW))) if shielded else met
    through = chip["thickness"] / 1000
    hot = area * (under / (1 / film + through) + (open_ - under) * film + (met - open_) / (1 / film + COVER))
    flex_c = area * (flex_d * FLEX["c"] + under * chip["thickness"] / 1000 * 2000.0 * 950.0)
    panel_c = area * PANEL["d"] * PANEL["c"]
    n = len(mid)

    def rate(on):
        def f(_, t):
            a, b = t[:n], t[n:]
            over = area / across * (a - b)
            top = hot * (air - a) + area * (1 - met) * STILL * (ROOM - a) if on else area * STILL * (ROOM - a)
            qa, qb = top - over, over - area * STILL * (b - ROOM)
            for q, t_, kd in ((qa, a, FLEX["k"] * flex_d), (qb, b, PANEL["k"] * PANEL["d"])):
                p = link * kd * (t_[:-1] - t_[1:])
                q[:-1] -= p
                q[1:] += p
            return numpy.concatenate([qa / flex_c, qb / panel_c])

        return f

    t, rows, second = numpy.full(2 * n, ROOM), [], 0
    share = area * under
    for on, seconds in spans:
        t = solve_ivp(rate(on), (0, seconds), t, method="BDF", rtol=1e-8, atol=1e-6).y[:, -1]
        second += seconds
        beside = float(numpy.interp(radius + chip["beside"] / 1000, mid, t[n:]))
        rows.append([second, float(share @ t[:n] / share.sum()), float(t[n]), beside])
    return rows


def main():
    chip = json.loads(PHONE.read_text())["panel"]["calibration"]["chip"]
    spans = [(True, 5), (True, 15), (True, 25), (False, 10), (False, 60)]
    cases = []
    for shielded in (False, True):
        for air, film in ((295.0, 400.0), (230.0, 260.0)):
            cases.append({"shielded": shielded, "air": air, "film": film, "spans": [[on, s] for on, s in spans],
                          "rows": [[round(x, 3) for x in row] for row in solve(chip, shielded, air, film, spans)]})
    bessel = {str(x): [float(i0(x)), float(i1(x)), float(k0(x)), float(k1(x))] for x in (0.1, 0.5, 1.0, 2.0)}
    (HERE / "reference.json").write_text(json.dumps({"chip": chip, "cases": cases, "bessel": bessel}, indent=1) + "\n")


main()
