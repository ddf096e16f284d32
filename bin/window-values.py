"""Made sets of passes and what follows for the window, by NumPy and SciPy on a fine grid, written apart from the core:
/usr/bin/python3 bin/window-values.py > core/tests/Record/window-values.csv"""
import csv
import random
import sys

import numpy as np
from scipy.special import expit
from scipy.stats import norm

random.seed(23)
LOW, HIGH, SLOW, FAST = 60.0, 85.0, 2.0, 4.0
SHIFT = np.arange(-12, 12.01, 0.2)[:, None, None]
PACE = np.arange(-1, 1.001, 0.04)[None, :, None]
PRIOR = norm.logpdf(SHIFT, 0, 3.0) + norm.logpdf(PACE, 0, 0.25)
out = csv.writer(sys.stdout, lineterminator="\n")


def curve(inside):
    inside = np.asarray(inside)
    strings = 0.6 * (HIGH - LOW)
    rising = SLOW + (FAST - SLOW) * inside / strings
    return np.where(inside < 0, (SLOW + FAST) / 4, np.minimum(rising, FAST))


for _ in range(500):
    off = round(random.uniform(0.8, 6.0), 2)
    passes = []
    for _ in range(random.randint(1, 3)):
        starts = round(random.uniform(55, 80), 1)
        ends = round(starts - random.uniform(0, 6), 1)
        passes.append((round(random.uniform(20, 150), 1), round(random.uniform(8, 120), 1), starts, ends,
                       random.choice([0, 1, -1])))
    error = np.linspace(-3, 3, 81)[None, None, :] * off
    log = norm.logpdf(error, 0, off) + np.zeros((SHIFT.size, PACE.size, 1))
    for mm, seconds, starts, ends, dragged in passes:
        hotter = error - SHIFT
        if dragged >= 0:
            drags = expit(-(ends + hotter - LOW) / 2.0)
            log = log + np.log(drags if dragged == 1 else 1 - drags)
        if dragged != 1:
            residual = np.log(mm / seconds / curve((starts + ends) / 2 + hotter - LOW)) - PACE
            log = log + np.log(0.95 * norm.pdf(residual, 0, 0.25) + 0.05 * norm.pdf(residual, 0, 1.2))
    weights = np.exp(log - log.max()).sum(axis=2) * np.exp(log.max())
    weights = weights * np.exp(PRIOR[:, :, 0])
    weights /= weights.sum()
    by_shift, by_pace = weights.sum(axis=1), weights.sum(axis=0)
    values = SHIFT[:, 0, 0]
    mean = float((values * by_shift).sum())
    spread = float(np.sqrt((values**2 * by_shift).sum() - mean**2))
    pace = float(np.interp(0.5, np.cumsum(by_pace) - by_pace / 2, PACE[0, :, 0]))
    middle = float(np.interp(0.5, np.cumsum(by_shift) - by_shift / 2, values))
    flat = [v for p in passes for v in p]
    out.writerow([off, repr(middle), repr(spread), repr(pace)] + flat)
