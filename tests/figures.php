<?php

declare(strict_types=1);

/*
 * What a change of methods does to the examples: their figures before and after.
 *
 *   php tests/figures.php take FILE [--winters]    writes the figures of this checkout; winters take some minutes
 *   php tests/figures.php compare OLD NEW          prints those that differ, with the number of the line in METHODS that says why
 */

use Ondergrond\Assessor;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\AssessmentFile;

require __DIR__.'/../vendor/autoload.php';

/** Figures that are compared, by the path of their key in an assessment file, and the line of the findings that moves them. */
const FIGURES = [
    '~^heat\.verdict\.word$~' => '14',
    '~^heat\.(u_w_m2k|h_g_w_k|h_pi_w_k|h_pe_w_k)$~' => '10, 11, 13',
    '~^heat\.h_pe_spell_w_k$~' => '11',
    '~^heat\.(annual_kwh|heating_kwh)$~' => '11, 15',
    '~^heat\.all_year_kwh$~' => '13',
    '~^heat\.design_w$~' => '11, 13',
    '~^heat\.other_schools\.\d+\.h_w_k$~' => '11, 13',
    '~^field\.(u_w_m2k|h_g_w_k|mean_w)$~' => '9, 10',
    '~^field\.(annual_kwh|heating_kwh)$~' => '11, 15',
    '~^field\.all_year_kwh$~' => '13',
    '~^frost\.verdict\.word$~' => '3, 4, 14',
    '~^frost\.freezing_index_c_d$~' => '1',
    '~^frost\.margin_mm$~' => '9d',
    '~^frost\.open_ground\.(n|depth_mm)$~' => '5, 11',
    '~^frost\.table\.(holds|asks\.\d+\.found_m2kw)$~' => '6',
    '~^damp\.verdict\.word$~' => '14',
    '~^damp\.water\.drains\.ground_m3_s$~' => '9c',
    '~^damp\.f_rsi_needed$~' => '11',
    '~^mass\.stacks\.\d+\.store_kj_m2k$~' => '11',
    '~^mass\.heated_floor\.output_w_m2$~' => '9b',
    '~^load\.verdict$~' => '8, 14',
    '~^load\.(boards|soil)\.\d+\.(total_kpa|permanent_kpa|stress_kpa|verdict)$~' => '8, 9a',
    '~^judgement\.(word|stop|fix|note|not_checked)$~' => '14',
];

/**
 * @param  array<array-key, mixed>  $tree
 * @return array<string, scalar|null>
 */
function leaves(array $tree, string $under = ''): array
{
    $leaves = [];
    foreach ($tree as $key => $value) {
        $leaves += is_array($value) ? leaves($value, "{$under}{$key}.") : [$under.$key => $value];
    }

    return $leaves;
}

/** @return array<string, scalar|null> by example, option and key */
function taken(bool $winters): array
{
    $figures = [];
    foreach (Examples::all() as $project) {
        foreach ($project->options as $option) {
            $proofs = $winters ? iterator_to_array(
                Assessor::proofs($project->site, $option->design, [$project->site->frost->use]),
                false,
            ) : [];
            $assessment = Assessor::assess($project->site, $option->design, $project->units, $option->setAside, $proofs);
            foreach (leaves(AssessmentFile::toArray($project, $option, $assessment)) as $key => $value) {
                if (line($key) !== null) {
                    $figures["{$project->name} · {$option->name} · {$key}"] = $value;
                }
            }
            fwrite(STDERR, '.');
        }
    }
    fwrite(STDERR, "\n");

    return $figures;
}

function line(string $key): ?string
{
    foreach (FIGURES as $pattern => $line) {
        if (preg_match($pattern, $key) === 1) {
            return $line;
        }
    }

    return null;
}

function shown(mixed $value): string
{
    return match (true) {
        $value === null => '–',
        is_bool($value) => $value ? 'yes' : 'no',
        is_float($value), is_int($value) => sprintf('%.6g', $value),
        default => is_string($value) ? $value : '?',
    };
}

/**
 * @param  array<string, mixed>  $old
 * @param  array<string, mixed>  $new
 */
function compare(array $old, array $new): void
{
    foreach ($new as $key => $now) {
        // What is over the heating months was once called a year's.
        $was = $old[$key] ?? $old[str_replace('heating_kwh', 'annual_kwh', $key)] ?? null;
        $same = is_numeric($was) && is_numeric($now)
            ? abs((float) $was - (float) $now) <= 1e-6 * max(1.0, abs((float) $was))
            : $was === $now;
        if (! $same) {
            $parts = explode(' · ', $key);
            printf("%s | %s → %s | %s\n", $key, shown($was), shown($now), line(end($parts)));
        }
    }
}

[$mode, $one, $two] = [...array_slice($argv, 1), '', '', ''];
if ($mode === 'take' && $one !== '') {
    file_put_contents($one, json_encode(taken($two === '--winters'), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
} elseif ($mode === 'compare' && is_file($one) && is_file($two)) {
    compare(json_decode((string) file_get_contents($one), true), json_decode((string) file_get_contents($two), true));
} else {
    fwrite(STDERR, "php tests/figures.php take FILE [--winters] | compare OLD NEW\n");
    exit(2);
}
