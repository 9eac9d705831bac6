<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\ItemKind;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/**
 * What was typed or pressed on the page of a plan: places, kinds and lengths; and acts, `add:sleeve`, `remove:<id>`,
 * `door:<corner>`, `no-door:<id>`, `corner:<corner>` (a new one in the middle of its wall), `no-corner:<corner>`, `pegs`.
 */
final readonly class TypedPlan
{
    /** Of a door that is new, m. */
    private const DOOR = 0.95;

    public function __construct(private QuantityFormatter $format, private Design $design) {}

    /**
     * @param  array<string, mixed>  $plan  as in project files
     * @param  array<array-key, mixed>  $typed  texts, same shape
     * @param  array<array-key, mixed>  $lengths  texts, by wall: as long as it should be
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    public function plan(array $plan, array $typed, array $lengths, string $act): array
    {
        // A length that still reads as it was shown is left, whatever became of its wall by another field.
        $shown = PlanCodec::fromArray($plan)->outline->sides();
        $plan = TypedData::merge(['plan' => $plan], ['plan' => $typed], $this->format, self::read(...))['plan'];
        foreach ($lengths as $wall => $text) {
            $was = isset($shown[$wall]) ? $this->format->format($shown[$wall]->length(), Quantity::Length) : null;
            if (is_string($text) && isset($plan['corners'][$wall]) && self::plain($text) !== self::plain((string) $was)) {
                $plan = $this->stretched($plan, (string) $wall, $text);
            }
        }

        return $this->acted($plan, $act);
    }

    /**
     * @param  array<string, array<string, mixed>>  $layout  as in project files
     * @param  array<array-key, mixed>  $typed  texts, same shape
     * @return array<string, array<string, mixed>>
     *
     * @throws ValidationException
     */
    public function layout(array $layout, array $typed, Plan $plan, string $act): array
    {
        $read = static fn (array $data): array => [
            'layout' => PlanCodec::items($data['layout'] === [] ? new Items : PlanCodec::itemsFromArray($data['layout'])),
        ];
        $layout = TypedData::merge(['layout' => $layout], ['layout' => $typed], $this->format, $read)['layout'];
        [$of, $what] = [...explode(':', $act, 2), ''];
        $kind = $of === 'add' ? ItemKind::tryFrom($what) : null;
        if ($kind !== null && self::isOfDesign($kind)) {
            $layout[(string) Str::ulid()] = $this->fresh($kind, $plan, count($layout) + 1);
        } elseif ($of === 'remove') {
            unset($layout[$what]);
        }

        return $layout;
    }

    private static function plain(string $text): string
    {
        return trim(str_replace(["\u{a0}", "\u{202f}"], ' ', $text));
    }

    public static function isOfDesign(ItemKind $kind): bool
    {
        return $kind->isRun();
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array{plan: array<string, mixed>}
     *
     * @throws FaultyInput
     */
    private static function read(array $data): array
    {
        $plan = $data['plan'];
        if (($plan['pegs'] ?? null) !== null && in_array(null, $plan['pegs'], true)) {
            $plan['pegs'] = null;
        }

        try {
            return ['plan' => PlanCodec::toArray(PlanCodec::fromArray($plan))];
        } catch (FaultyInput $e) {
            throw FaultyInput::because(array_map(static fn (Fault $f): Fault => $f->at('/plan'), $e->faults));
        }
    }

    /**
     * A wall as long as was typed: its end moves along it, with every corner that lies beyond.
     *
     * @param  array<string, mixed>  $plan
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    private function stretched(array $plan, string $wall, string $text): array
    {
        $outline = PlanCodec::fromArray($plan)->outline;
        $side = $outline->sides()[$wall];
        try {
            $length = QuantityParser::parse($text, Quantity::Length, $this->format->system, $this->format->mark);
        } catch (UnreadableQuantity $e) {
            throw ValidationException::withMessages(["lengths.{$wall}" => $e->getMessage()]);
        }
        if ($length < 0.1 || $length > 500) {
            throw ValidationException::withMessages(["lengths.{$wall}" => 'Allowed: '.$this->format->format(0.1, Quantity::Length).' to '
                .$this->format->format(500, Quantity::Length).'.']);
        }
        [$by, [$ux, $uy]] = [$length - $side->length(), $side->direction()];
        foreach ($plan['corners'] as $id => $corner) {
            if ($id !== $wall && $side->alongOf($corner['x_m'], $corner['y_m']) >= $side->length() - 1e-6) {
                $plan['corners'][$id]['x_m'] = round($corner['x_m'] + $by * $ux, 9);
                $plan['corners'][$id]['y_m'] = round($corner['y_m'] + $by * $uy, 9);
            }
        }
        try {
            return PlanCodec::toArray(PlanCodec::fromArray($plan));
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(["lengths.{$wall}" => 'So long it would not close: '.$e->faults[0]->line()]);
        }
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    private function acted(array $plan, string $act): array
    {
        [$of, $what] = [...explode(':', $act, 2), ''];
        $outline = PlanCodec::fromArray($plan)->outline;
        $kind = $of === 'add' ? ItemKind::tryFrom($what) : null;
        $side = $outline->sides()[$what] ?? null;
        if ($kind !== null && ! self::isOfDesign($kind)) {
            $plan['items'][(string) Str::ulid()] = $this->fresh($kind, PlanCodec::fromArray($plan), count($plan['items']) + 1);
        } elseif ($of === 'remove') {
            unset($plan['items'][$what]);
        } elseif ($of === 'no-door') {
            unset($plan['openings'][$what]);
        } elseif ($of === 'door' && $side !== null) {
            $width = min(self::DOOR, $side->length() / 2);
            $plan['openings'][(string) Str::ulid()] = [
                'wall' => $what, 'from_m' => round(($side->length() - $width) / 2, 3), 'width_m' => round($width, 3),
            ];
        } elseif ($of === 'corner' && $side !== null) {
            $id = self::free($plan['corners']);
            [$x, $y] = $side->at($side->length() / 2);
            $plan['corners'][$id] = ['x_m' => round($x, 3), 'y_m' => round($y, 3), 'next' => $side->to];
            $plan['corners'][$what]['next'] = $id;
            $plan['walls'][$id] = $plan['walls'][$what];
        } elseif ($of === 'no-corner' && isset($plan['corners'][$what])) {
            $plan = $this->withoutCorner($plan, $what);
        } elseif ($of === 'pegs') {
            [$x, $y] = [-2.0, -2.0];
            [, , $right] = $outline->box();
            $plan['pegs'] = ['px_m' => $x, 'py_m' => $y, 'qx_m' => round($right + 2.0, 3), 'qy_m' => $y];
        }

        return $plan;
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    private function withoutCorner(array $plan, string $corner): array
    {
        if (count($plan['corners']) <= 3) {
            throw ValidationException::withMessages(['act' => 'An outline has three corners at least.']);
        }
        if (in_array($corner, array_column($plan['openings'], 'wall'), true)) {
            throw ValidationException::withMessages(['act' => "A door stands in the wall that begins at {$corner}. Take it out first."]);
        }
        foreach ($plan['corners'] as $id => $one) {
            if ($one['next'] === $corner) {
                $plan['corners'][$id]['next'] = $plan['corners'][$corner]['next'];
            }
        }
        unset($plan['corners'][$corner], $plan['walls'][$corner]);

        return $plan;
    }

    /**
     * @param  array<string, mixed>  $corners
     */
    private static function free(array $corners): string
    {
        foreach (range('A', 'Z') as $letter) {
            if (! isset($corners[$letter])) {
                return $letter;
            }
        }
        for ($i = 1; ; $i++) {
            if (! isset($corners["N{$i}"])) {
                return "N{$i}";
            }
        }
    }

    /** @return array<string, mixed> in the middle of the floor, at the slab's top */
    private function fresh(ItemKind $kind, Plan $plan, int $number): array
    {
        [$x0, $y0, $x1, $y1] = $plan->outline->box();
        // A step aside for each, so that none hides another.
        $x = round(($x0 + $x1) / 2 + 0.3 * ($number % 5), 2);
        $y = round(($y0 + $y1) / 2, 2);
        if ($plan->outline->outside($x, $y) > 0.0) {
            $side = array_values($plan->outline->sides())[0];
            [$x, $y] = array_map(static fn (float $v): float => round($v, 2), $side->at($side->length() / 2, 0.6));
        }
        $top = round($this->design->slab->topAboveGrade, 4);
        $data = [...PlanCodec::fresh($kind, "{$kind->label()} {$number}"), 'x_m' => $x, 'y_m' => $y, 'level_m' => $top];
        if ($kind === ItemKind::Joint) {
            $data = [...$data, 'to_x_m' => $x, 'to_y_m' => round($y0 + ($y - $y0) / 2, 2)];
        } elseif ($kind === ItemKind::Drain) {
            $data = [...$data, 'level_m' => -0.6, 'to_x_m' => $x, 'to_y_m' => round($y0 - 3.0, 2), 'to_level_m' => -0.7];
        }

        return $data;
    }
}
