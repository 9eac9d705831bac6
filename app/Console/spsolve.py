"""Times scipy's sparse direct solver on one matrix: spsolve.py FILE RUNS. Prints seconds, median, and the solution's sum.

FILE: two 64-bit integers n and m, then m rows, m columns (64-bit integers), m values and n loads (doubles).
"""
import sys
import time

import numpy as np
from scipy.sparse import coo_matrix
from scipy.sparse.linalg import spsolve

with open(sys.argv[1], 'rb') as f:
    n, m = np.fromfile(f, np.int64, 2)
    rows, columns = np.fromfile(f, np.int64, m), np.fromfile(f, np.int64, m)
    values, load = np.fromfile(f, float, m), np.fromfile(f, float, n)
matrix = coo_matrix((values, (rows, columns)), shape=(n, n)).tocsc()
times = []
for _ in range(int(sys.argv[2])):
    start = time.perf_counter()
    solution = spsolve(matrix, load)
    times.append(time.perf_counter() - start)
print(np.median(times), repr(float(solution.sum())))
