<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

use Ondergrond\Damp\Surface;
use Ondergrond\Damp\Vapour;

/** What an inspection points to, what would settle it, and whom to call. It ranks; it does not prove. */
final readonly class Diagnosis
{
    /** Two causes closer than this are not told apart. */
    private const APART = 2;

    /** Ground water seldom climbs higher than this, m; common practice, no source. */
    public const HIGHEST_RISE = 1.2;

    /**
     * @param  list<Suspect>  $suspects  likeliest first; none where nothing speaks for any
     * @param  bool  $isOpen  whether the first two are too close to be told apart
     * @param  list<string>  $specialists  sentences
     * @param  list<string>  $measured  what the readings say, sentences
     * @param  list<Contradiction>  $contradictions  signs that speak against each other
     */
    private function __construct(
        public array $suspects,
        public bool $isOpen,
        public array $specialists,
        public array $measured,
        public array $contradictions,
    ) {}

    public static function of(Inspection $seen): self
    {
        $for = $against = [];
        $points = array_fill_keys(array_column(Cause::cases(), 'value'), 0);
        foreach (self::evidence($seen) as [$words, $of]) {
            foreach ($of as $cause => $p) {
                $points[$cause] += $p;
                if ($p > 0) {
                    $for[$cause][] = $words;
                } else {
                    $against[$cause][] = $words;
                }
            }
        }
        // What reaches higher than ground water climbs does not come from the ground alone, whatever else looks like it.
        if (($seen->height ?? 0.0) > self::HIGHEST_RISE) {
            $points[Cause::Rising->value] = min(0, $points[Cause::Rising->value]);
        }
        $contradictions = Contradiction::all($seen, Profile::of($seen->readings), self::over($seen));
        $all = array_sum(array_filter($points, static fn (int $p): bool => $p > 0));
        arsort($points);
        $suspects = [];
        foreach ($points as $cause => $p) {
            if ($p > 0) {
                $suspects[] = new Suspect(Cause::from($cause), $p, $p / $all, $for[$cause] ?? [], $against[$cause] ?? []);
            }
        }

        return new self(
            $suspects,
            count($suspects) > 1 && ($contradictions !== [] || $suspects[0]->points - $suspects[1]->points < self::APART),
            array_values(array_filter(array_map(static fn (Sign $s): ?string => $s->specialist(), $seen->signs), is_string(...))),
            self::measured($seen), $contradictions,
        );
    }

    /** @return list<string> what would tell the first two apart, or settle the first; sentences */
    public function tests(): array
    {
        return [
            ...array_map(static fn (Contradiction $c): string => $c->next, $this->contradictions),
            ...array_merge(...array_map(
                static fn (Suspect $s): array => $s->cause->tests(), array_slice($this->suspects, 0, $this->isOpen ? 2 : 1),
            )),
        ];
    }

    /** What it most likely comes from, in one sentence; both causes where they are not told apart. */
    public function inShort(): string
    {
        $causes = array_map(static fn (Suspect $s): string => $s->cause->label(), $this->suspects);

        return match (true) {
            $this->contradictions !== [] => 'The signs contradict each other: '.$this->contradictions[0]->said.'.',
            $causes === [] => 'Nothing points anywhere yet.',
            $this->isOpen => 'Not told apart: '.lcfirst($causes[0]).', or '.lcfirst($causes[1]).'.',
            default => $causes[0].'.',
        };
    }

    /** @return list<array{string, array<string, int>}> a clause and its points by cause */
    private static function evidence(Inspection $seen): array
    {
        $evidence = array_map(static fn (Sign $s): array => [$s->label(), $s->points()], $seen->signs);
        $profile = Profile::of($seen->readings);
        // Readings on the meter's own scale are no sign by themselves: alike at all heights, they are those of a dry wall as well.
        $isDamp = $seen->signs !== [] || ($seen->height ?? 0.0) > 0.0;
        if ($profile->says() !== null && ($isDamp || $profile !== Profile::Even)) {
            $evidence[] = [$profile->says(), $profile->points()];
        }
        if ($seen->height !== null) {
            $evidence[] = match (true) {
                $seen->height > self::HIGHEST_RISE => [
                    'it reaches higher than ground water climbs',
                    ['rising' => -3, 'penetrating' => 1, 'condensation' => 1],
                ],
                $seen->height > 0.15 => ['it reaches as high as ground water climbs', ['rising' => 1]],
                default => ['it stays at the very foot', ['penetrating' => 1, 'condensation' => 1]],
            };
        }
        $over = self::over($seen);
        if ($over !== null) {
            $evidence[] = match (true) {
                $over >= 0.0 => ['the surface is below the dew point of the room’s air', ['condensation' => 4]],
                (float) self::atSurface($seen) > Surface::LIMIT => ['air at the surface is damp enough for mould', ['condensation' => 2]],
                default => ['the surface is well above the dew point', ['condensation' => -2]],
            };
        }

        return $evidence;
    }

    /** Dew point of the room's air over the surface, K; null where it is not measured. */
    private static function over(Inspection $seen): ?float
    {
        return $seen->air === null || $seen->humidity === null || $seen->humidity <= 0.0 || $seen->surface === null ? null
            : Vapour::dewPoint($seen->humidity * Vapour::saturation($seen->air)) - $seen->surface;
    }

    /** Humidity of the room's air at the surface, as a share. */
    private static function atSurface(Inspection $seen): ?float
    {
        return $seen->air === null || $seen->humidity === null || $seen->surface === null ? null
            : $seen->humidity * Vapour::saturation($seen->air) / Vapour::saturation($seen->surface);
    }

    /** @return list<string> */
    private static function measured(Inspection $seen): array
    {
        $at = self::atSurface($seen);
        $profile = Profile::of($seen->readings);

        return array_values(array_filter([
            $at === null ? null : (
                $at >= 1.0
                ? 'Water condenses on the surface now.'
                : sprintf(
                    'At the surface the air holds %.0f %% now; mould grows above %.0f %% over weeks.',
                    100 * $at,
                    100 * Surface::LIMIT,
                )
            ),
            $profile->says() === null ? null : ucfirst($profile->says()).'.'.(
                $profile === Profile::Even && $seen->signs === [] && ($seen->height ?? 0.0) <= 0.0
                    ? ' Nothing else is said to be damp: read a wall that is known to be dry with the same meter, and compare.' : ''
            ),
        ]));
    }
}
