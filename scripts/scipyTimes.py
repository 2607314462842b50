"""Part of `npm run bench`: how long scipy takes for the same points; cases on stdin as JSON, times in ms on stdout."""

import json
import statistics
import sys
import time
import warnings

import numpy
from scipy.optimize import curve_fit
from scipy.stats import linregress

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    from scipy import odr


def timed(work, turns):
    work()
    times = []
    for _ in range(turns):
        began = time.perf_counter()
        work()
        times.append(1000 * (time.perf_counter() - began))
    return statistics.median(times)


def level(x, a, b, c):
    return a * numpy.exp(b * x) + c


def case(one):
    x, y = numpy.array(one["x"]), numpy.array(one["y"])
    if one["kind"] == "curve":
        return lambda: curve_fit(level, x, y, p0=one["start"])
    if one["kind"] == "line":
        return lambda: linregress(x, y)
    data = odr.RealData(x, y, sx=numpy.array(one["sx"]), sy=numpy.array(one["sy"]))
    model = odr.Model(lambda b, at: b[0] * at + b[1])
    return lambda: odr.ODR(data, model, beta0=one["start"]).run()


print(json.dumps([timed(case(one), one["turns"]) for one in json.load(sys.stdin)]))
