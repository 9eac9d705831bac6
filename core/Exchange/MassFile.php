<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\FloorHeating\CellProof;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\FloorHeating\Output;
use Ondergrond\Mass\Dynamic;
use Ondergrond\Mass\FloorVariant;
use Ondergrond\Mass\HeatLayer;
use Ondergrond\Mass\MassStack;
use Ondergrond\Mass\MassStory;
use Ondergrond\Mass\MassVerdict;
use Ondergrond\Mass\Question\CoastDown;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\Run;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\Calendar;

/** The mass part of an assessment file, and the hours behind it. */
final class MassFile
{
    /** What a run's hours are, by key: property and decimals. */
    public const SERIES = [
        'outside_c' => ['outside', 2], 'room_c' => ['room', 2], 'surface_c' => ['surface', 2], 'heat_w' => ['heat', 0],
        'surplus_w' => ['surplus', 0],
        'sun_w' => ['sun', 0], 'to_room_w' => ['toRoom', 0], 'ground_w' => ['ground', 0], 'out_w' => ['out', 0],
        'store_kwh' => ['store', 2],
    ];

    /** @return array<string, mixed> */
    public static function toArray(MassVerdict $mass, ?HeatedFloor $heated, ?MassStory $story = null, ?CellProof $proof = null): array
    {
        $day = $mass->day();
        $cold = $story === null ? null : ($story->answers['heating-stops']->figures ?? null);
        $hours = [];
        foreach ($cold === null ? [] : CoastDown::TO as $t) {
            $hours[(string) $t] = self::round($cold['hours_to_'.$t] ?? null, 2);
        }

        return [
            'method' => 'ISO 13786:2007, from memory; hours by a network of one room, its floor and walls in cells, implicit, coupled '
                .'to the ground as ISO 13370:2007 has it for hourly models; EN 1264-2:2008 and ISO 11855-2:2012, from memory',
            'admittance_w_m2k' => round($day->admittance, 4),
            'kappa_kj_m2k' => round($day->inner / 1000, 3),
            'kappa_surface_kj_m2k' => round($mass->floor()->dynamic(Dynamic::DAY, true)->inner / 1000, 3),
            'decrement' => round($day->decrement, 5),
            'lag_h' => round($day->lag / 3600, 3),
            'store_kwh_k' => round($mass->store(), 4),
            'parted' => ($parted = $mass->parted()) === null ? null : ['by' => $parted[0]->value, 'kwh_k' => round($parted[1], 4)],
            'usable_kwh_k' => array_combine(
                array_map(strval(...), MassVerdict::PERIODS),
                array_map(static fn (int $h): float => round($mass->usable($h), 4), MassVerdict::PERIODS),
            ),
            'hours_to' => $hours === [] ? null : $hours,
            'storm_kwh' => $cold === null ? null : [
                '24' => self::round($cold['gave_24_kwh'], 2),
                '72' => self::round($cold['gave_72_kwh'], 2),
            ],
            'stacks' => array_map(self::stack(...), $mass->stacks),
            'room' => $story === null ? null : self::room($story->room),
            'questions' => array_map(
                static fn ($a): array => array_map(static fn (?float $v): ?float => self::round($v, 3), $a->figures),
                $story->answers ?? [],
            ),
            'variants' => array_map(static fn (FloorVariant $v): array => [
                'what' => $v->label, 'kappa_kj_m2k' => round($v->inner / 1000, 2), 'store_kj_m2k' => round($v->store / 1000, 1),
                'hours_to' => [
                    '16' => self::round($v->coast['hours_to_16'], 2),
                    '10' => self::round($v->coast['hours_to_10'], 2),
                    '5' => self::round($v->coast['hours_to_5'], 2),
                ],
                'cooling_c' => array_map(
                    static fn (float $t): float => round($t, 2),
                    $v->cooling,
                ), 'warm_h' => self::round($v->warm, 2), 'surplus_kwh' => self::round($v->takes, 2),
            ], $story->variants ?? []),
            'heated_floor' => $heated === null ? null : self::heated($heated, $proof),
        ];
    }

    /** @return array<string, float> */
    public static function dynamic(Dynamic $d): array
    {
        return [
            'u_w_m2k' => round($d->transmittance, 5), 'admittance_w_m2k' => round($d->admittance, 5),
            'lead_h' => round($d->lead / 3600, 4), 'admittance_outside_w_m2k' => round($d->outerAdmittance, 5),
            'periodic_w_m2k' => round($d->periodic, 7), 'decrement' => round($d->decrement, 6), 'lag_h' => round($d->lag / 3600, 4),
            'kappa_kj_m2k' => round($d->inner / 1000, 4), 'kappa_outside_kj_m2k' => round($d->outer / 1000, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function stack(MassStack $s): array
    {
        $periods = [];
        foreach (MassVerdict::PERIODS as $hours) {
            $periods[(string) $hours] = [
                ...self::dynamic($s->dynamic(3600.0 * $hours)),
                'kappa_surface_kj_m2k' => round($s->dynamic(3600.0 * $hours, true)->inner / 1000, 4),
            ];
        }

        return [
            'place' => $s->place->value, 'area_m2' => round($s->area, 3), 'store_kj_m2k' => round($s->store() / 1000, 2),
            'layers' => array_map(
                static fn (HeatLayer $l): array => [
                    'name' => $l->name,
                    'part' => $l->part,
                    'thickness_m' => $l->thickness,
                    'r_m2kw' => round($l->resistance, 5),
                    'store_kj_m2k' => round($l->store() / 1000, 2),
                ],
                $s->layers,
            ),
            'periods_h' => $periods,
        ];
    }

    /** @return array<string, mixed> */
    private static function room(Room $room): array
    {
        return [
            'area_m2' => $room->area, 'set_c' => $room->set(), 'direct_w_k' => round($room->direct, 3), 'contents_kwh_k' => round(
                $room->capacity * Run::KWH,
                4,
            ),
            'design_load_w' => round($room->designLoad(), 1), 'heater_w' => round($room->heater(), 1),
            'virtual_layer_r_m2kw' => round($room->virtualLayer, 4), 'virtual_c' => array_map(
                static fn (float $t): float => round($t, 2),
                $room->virtual,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function heated(HeatedFloor $h, ?CellProof $proof): array
    {
        return [
            'room_c' => $h->room, 'need_w_m2' => round($h->need, 2),
            'water_over_room_k' => $h->cable === null ? round($h->excess, 3) : null,
            'output_w_m2' => round($h->output, 2), 'given_w_m2' => round($h->given, 2), 'covers_share' => round($h->covers(), 4),
            'surface_c' => round($h->surface, 2), 'warmest_c' => round($h->warmest, 2), 'limit_c' => $h->limit(),
            'most_w_m2' => round($h->most(), 2), 'slender' => $h->isSlender(), 'edge_limit_c' => Output::EDGE,
            'word_surface' => $h->surfaceWord()->value, 'word_output' => $h->outputWord()->value,
            'en1264_k_w_m2k' => self::round(
                $h->standard?->coefficient,
                4,
            ), 'en1264_output_w_m2' => self::round($h->byStandard(), 2), 'en1264_surface_c' => self::round($h->surfaceByStandard(), 2),
            'plane_needed_c' => round($h->planeNeeded, 2), 'water_needed_c' => self::round($h->waterNeeded, 2),
            'cable_c' => self::round($h->cable, 2), 'cable_w_m' => self::round($h->cableLoad(), 2),
            'loops' => $h->loops === null ? null : [
                'zones' => $h->loops->zones, 'count' => $h->loops->count(), 'length_m' => round($h->loops->length, 2),
                'pipe_m' => round($h->loops->pipe(), 1),
                'flow_l_min' => round($h->loops->flow * 60_000, 3), 'total_l_min' => round(
                    $h->loops->total() * 60_000,
                    3,
                ), 'velocity_m_s' => round($h->loops->velocity, 4), 'friction_kpa' => round($h->loops->friction / 1000, 3),
            ],
            'field' => $proof === null ? null : [
                'output_w_m2' => round($proof->output, 2), 'given_w_m2' => round($proof->given, 2),
                'surface_c' => round($proof->surface, 2), 'warmest_c' => round($proof->warmest, 2),
                'water_needed_c' => self::round($proof->waterNeeded, 2), 'cable_c' => self::round($proof->cable, 2),
                'range' => array_map(
                    static fn (array $r): array => ['water_c' => $r[0], 'output_w_m2' => round($r[1], 2), 'warmest_c' => round($r[2], 2)],
                    $proof->range,
                ),
                'heated_loss_w' => round($proof->heatedLoss, 2), 'plain_loss_w' => round($proof->plainLoss, 2),
            ],
        ];
    }

    /**
     * A run's hours, for plots. A year is given by its days: means, and the store at their ends.
     *
     * @param  int  $skip  hours at its beginning that are left out
     * @param  int|null  $until  hours after them that are given
     * @param  bool  $cells  with the floor's temperatures by depth
     * @return array<string, mixed>
     */
    public static function series(Run $run, int $skip = 0, ?int $until = null, bool $cells = true): array
    {
        $step = $run->hours() > 24 * 60 ? 24 : 1;
        $data = ['step_h' => $step];
        foreach (self::SERIES as $key => [$property, $digits]) {
            /** @var list<float> $values */
            $values = array_slice($run->{$property}, $skip, $until);
            $data[$key] = array_map(
                static fn (array $c): float => round($key === 'store_kwh' ? end($c) : array_sum($c) / count($c), $digits),
                array_chunk($values, $step),
            );
        }
        if ($cells && $run->cells !== []) {
            $floor = $run->model->branches[0];
            $data['depths_m'] = array_map(static fn (float $d): float => round($d, 4), $floor->depths);
            $data['sizes_m'] = array_map(static fn (float $d): float => round($d, 4), $floor->sizes);
            $data['parts'] = $floor->parts;
            $data['source_m'] = $run->model->source === null ? null : round($floor->depths[$run->model->source], 4);
            $data['spacing_m'] = $run->model->design->heating->spacing;
            $data['cells_c'] = array_map(
                static fn (array $c): array => array_map(static fn (float $t): float => round($t, 2), $c),
                array_slice($run->cells, $skip, $until),
            );
        }

        return $data;
    }

    /** A run's hours as a table with commas; a year begins on 1 January. */
    public static function csv(Run $run, bool $dated): string
    {
        $lines = [implode(',', [$dated ? 'date' : 'day', 'hour', ...array_keys(self::SERIES)])];
        for ($h = 0, $n = $run->hours(); $h < $n; $h++) {
            $day = intdiv($h, 24);
            $line = [$dated ? vsprintf('%02d-%02d', Calendar::date($day % 365)) : $day + 1, $h % 24 + 1];
            foreach (self::SERIES as [$property, $digits]) {
                $line[] = round($run->{$property}[$h], $digits);
            }
            $lines[] = implode(',', $line);
        }

        return implode("\n", $lines)."\n";
    }

    public static function write(
        Project $project,
        Option $option,
        MassVerdict $mass,
        ?HeatedFloor $heated,
        MassStory $story,
        ?CellProof $proof,
    ): string {
        return Envelope::json('mass', 1, ProjectFile::hash($project), [
            'project' => $project->name,
            'option' => $option->name,
            'mass' => self::toArray($mass, $heated, $story, $proof),
        ]);
    }

    private static function round(?float $value, int $digits): ?float
    {
        return $value === null ? null : round($value, $digits);
    }
}
