<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatBy;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Heat\HotSpell;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class FoamStaysCool extends Rule
{
    /** K. */
    private const MARGIN = 5.0;

    /** Rooms that are no hotter come near no board's limit, °C. */
    private const WARM = 45.0;

    public function asks(): string
    {
        return 'Foam beside pipes, cables and hot rooms stays below what it stands.';
    }

    public function why(): string
    {
        return 'Polystyrene softens at 75 to 80 °C and never comes back; a drying room at 65 °C comes near, a sauna passes it.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Heating, Part::Field, Part::BoardAbove, Part::EdgeInside, Part::Lining, Part::Form, Part::Wall];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $reached = $this->foams($s);
        // The one that comes nearest to its limit.
        usort($reached, static fn (array $a, array $b): int => $b[2] - $b[3] <=> $a[2] - $a[3]);
        [$part, $layer, $gets, $stands] = $reached[0] ?? [null, null, -INF, 0.0];
        if ($part !== null && $layer !== null && $gets > $stands - self::MARGIN) {
            return $this->stop(
                sprintf('%s gets %%1$s; it stands %%2$s, less a margin of 5 K.', ucfirst($part)),
                Measure::of($gets, Quantity::Temperature),
                Measure::of($stands, Quantity::Temperature),
                $this->remedy($s, $reached),
            );
        }
        $heating = $s->design->heating;
        $board = $heating->in === HeatedIn::Screed ? $s->design->boardAbove : $s->design->fieldBoard;

        return $heating->present() && $board->present() && $board->material->hottest() !== null && self::water($s) <= 0.0
            ? $this->notChecked('How hot the boards beside the pipes get is not said.', unsaid: 'heating.hottest_c')
            : null;
    }

    /**
     * All foam beside what is hot.
     *
     * @return list<array{string, Layer, float, float}> what it is called, the layer, what it gets and what it stands, °C
     */
    private function foams(Subject $s): array
    {
        $d = $s->design;
        $found = [];
        $add = static function (string $name, Layer $layer, float $gets) use (&$found): void {
            $stands = $layer->material->hottest();
            if ($layer->present() && $stands !== null && $gets > 0.0) {
                $found[] = [$name, $layer, $gets, $stands];
            }
        };
        $water = $d->heating->present() ? self::water($s) : 0.0;
        $inScreed = $d->heating->in === HeatedIn::Screed;
        $add($inScreed ? 'the board on the slab' : 'the middle board', $inScreed ? $d->boardAbove : $d->fieldBoard, $water);
        if (! $inScreed && $d->perimeterBoard->present()) {
            $add('the perimeter board', $d->perimeterBoard->layer, $water);
        }
        $add('the upstand', $inScreed && $d->screed->present() ? $d->upstand : $d->upstand->thick(0.0), $water);
        $add('the board inside the edge', $inScreed ? $d->edgeInside->layer->thick(0.0) : $d->edgeInside->layer, $water);
        foreach (self::hotStacks($s) as [$layers, $names, $usual, $hot, $hours, $far]) {
            $present = array_values(array_filter(array_keys($layers), static fn (int $i): bool => $layers[$i]->present()));
            $of = array_map(static fn (int $i): Layer => $layers[$i], $present);
            if (array_filter($of, static fn (Layer $l): bool => $l->material->hottest() !== null) === [] || $of === []) {
                continue;
            }
            foreach (HotSpell::hottest($of, $usual, $hot, $hours, $far) as $i => $gets) {
                $add($names[$present[$i]], $of[$i], $gets);
            }
        }

        return $found;
    }

    /**
     * What stands round a hot room, from its face outward, with what it is called.
     *
     * @return list<array{list<Layer>, list<string>, float, float, float, float}> layers, names, the usual room, the hot one, hours, what lies beyond, °C
     */
    private static function hotStacks(Subject $s): array
    {
        [$d, $site] = [$s->design, $s->site];
        $usual = $site->indoor + abs($site->indoorSwing);
        $hot = max($usual, $site->room->hot ?? -INF);
        // What is hot all the time is that, however few hours are hotter.
        $hours = $hot > $usual ? $site->room->hotHours : 24.0;
        if ($hot < self::WARM) {
            return [];
        }
        $out = max($site->climate->monthly);
        $ground = $site->climate->wave()->mean;
        $wall = [...$d->wall->inside, ...$d->wall->outside];
        $stacks = [[
            $wall, array_map(static fn (Layer $l): string => 'the '.lcfirst($l->material->name).' of the wall', $wall), $usual,
            $hot, $hours, $out,
        ]];
        if ($d->slab->present() && $s->isHeated()) {
            $stacks[] = [
                [$d->screed, $d->boardAbove, $d->slab->layer, $d->fieldBoard,
                    Layer::of($d->stone->material, max(0.3, $d->stone->thickness))],
                ['the screed', 'the board on the slab', 'the slab', 'the middle board', 'the stone'], $usual, $hot, $hours, $ground,
            ];
            // What stands on edge beside screed or slab is reached through half of it.
            $half = static fn (Layer $l): Layer => $l->thick($l->thickness / 2);
            if ($d->screed->present()) {
                $stacks[] = [
                    [$half($d->screed), $d->upstand, $d->stem->layer], ['the screed', 'the upstand', 'the stem'], $usual, $hot,
                    $hours, $ground,
                ];
            }
            $stacks[] = [
                [$d->screed, $d->boardAbove, $half($d->slab->layer), $d->edgeInside->layer, $d->slab->layer],
                ['the screed', 'the board on the slab', 'the slab', 'the board inside the edge', 'the edge'], $usual, $hot, $hours, $ground,
            ];
        }
        if ($d->hasRoomBelowGrade() && $s->isHeated()) {
            $stem = [
                ...($s->at->lining ? array_map(static fn (Layer $l): array => [$l, 'the inside lining'], $d->lining->layers) : []),
                [$d->form->inner(), 'the form’s inner face'],
                ...array_map(static fn (Layer $l): array => [$l, 'the stem'], $d->stem->solids()),
                [$d->form->outer(), 'the form’s outer face'], [$d->edgeOutside->layer, 'the outside board'],
            ];
            $stacks[] = [array_column($stem, 0), array_column($stem, 1), $usual, $hot, $hours, $out];
        }

        return $stacks;
    }

    /** Water tells how hot boards get at most; a cable under a rug does not. */
    private static function water(Subject $s): float
    {
        $heating = $s->design->heating;

        return $heating->by === HeatBy::Pipes ? max($heating->hottest, $heating->supply) : $heating->hottest;
    }

    /**
     * Boards that stand more, wherever one gets too hot and such a board may go.
     *
     * @param  list<array{string, Layer, float, float}>  $reached
     */
    private function remedy(Subject $s, array $reached): ?Remedy
    {
        $too = array_filter($reached, static fn (array $of): bool => $of[2] > $of[3] - self::MARGIN);
        $firm = Catalogue::get('pir-foil');
        $most = max([0.0, ...array_column($too, 2)]);
        $names = array_column($too, 0);
        $may = ['the middle board', 'the board on the slab', 'the perimeter board', 'the upstand', 'the board inside the edge',
            'the inside lining'];
        if ($most > ($firm->kind->hottest() ?? 0.0) - self::MARGIN || array_diff($names, $may) !== []) {
            return null;
        }
        $made = static fn (Layer $l): Layer => $l->material->kind === Kind::Polystyrene ? $l->made($firm) : $l;

        return Remedy::of(
            'Take foil-faced board there, which stands 110 °C.',
            static fn (Design $d): Design => $d->with([
                ...(in_array('the middle board', $names, true) ? ['fieldBoard' => $made($d->fieldBoard)] : []),
                ...(in_array('the board on the slab', $names, true) ? ['boardAbove' => $made($d->boardAbove)] : []),
                ...(in_array('the perimeter board', $names, true) || in_array('the middle board', $names, true)
                    ? ['perimeterBoard' => $d->perimeterBoard->but(layer: $made($d->perimeterBoard->layer))] : []),
                ...(in_array('the upstand', $names, true) ? ['upstand' => $made($d->upstand)] : []),
                ...(in_array('the board inside the edge', $names, true)
                    ? ['edgeInside' => $d->edgeInside->but(layer: $made($d->edgeInside->layer))] : []),
                ...(in_array('the inside lining', $names, true)
                    ? ['lining' => $d->lining->but(layers: array_map($made, $d->lining->layers))] : []),
            ]),
        );
    }
}
