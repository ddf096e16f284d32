"""Made sets of what is believed of a rate, by SciPy: /usr/bin/python3 bin/beta-values.py > core/tests/Record/beta-values.csv"""
import csv
import random
import sys

from scipy.stats import beta

random.seed(11)
out = csv.writer(sys.stdout, lineterminator="\n")
for _ in range(500):
    estimate = round(random.uniform(0.01, 0.99), 4)
    weighs = round(random.choice([random.uniform(0.5, 4), random.uniform(4, 60)]), 3)
    tries = random.choice([0, random.randint(1, 20), random.randint(20, 2000)])
    successes = random.randint(0, tries)
    a = estimate * weighs + successes
    b = (1 - estimate) * weighs + tries - successes
    at = round(min(0.999, max(0.001, a / (a + b) + random.uniform(-0.1, 0.1))), 4)
    out.writerow([estimate, weighs, successes, tries, at]
                 + [repr(float(v)) for v in (beta.sf(at, a, b), beta.ppf(0.05, a, b), beta.ppf(0.95, a, b))])
