// Times Eigen's sparse Cholesky on one matrix: ldlt FILE RUNS. Prints seconds, median, and the solution's sum. FILE as in spsolve.py.
#include <Eigen/Sparse>
#include <algorithm>
#include <chrono>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <vector>

int main(int, char **words) {
    std::ifstream file(words[1], std::ios::binary);
    auto read = [&file](auto &into) { file.read(reinterpret_cast<char *>(into.data()), into.size() * sizeof(into[0])); };
    std::vector<std::int64_t> size(2);
    read(size);
    std::vector<std::int64_t> rows(size[1]), columns(size[1]);
    std::vector<double> values(size[1]), loads(size[0]);
    read(rows);
    read(columns);
    read(values);
    read(loads);
    std::vector<Eigen::Triplet<double>> entries;
    for (std::int64_t i = 0; i < size[1]; i++) {
        entries.emplace_back(rows[i], columns[i], values[i]);
    }
    Eigen::SparseMatrix<double> matrix(size[0], size[0]);
    matrix.setFromTriplets(entries.begin(), entries.end());
    const Eigen::VectorXd load = Eigen::Map<Eigen::VectorXd>(loads.data(), size[0]);
    std::vector<double> times;
    double sum = 0;
    for (int run = 0; run < std::atoi(words[2]); run++) {
        const auto start = std::chrono::steady_clock::now();
        Eigen::SimplicialLDLT<Eigen::SparseMatrix<double>> solver(matrix);
        sum = solver.solve(load).sum();
        times.push_back(std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count());
    }
    std::sort(times.begin(), times.end());
    std::printf("%.9g %.17g\n", times[times.size() / 2], sum);
}
