<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Frost\Seasons;
use Ondergrond\Site\Calendar;
use Ondergrond\Sun\Face;
use Ondergrond\Sun\Sky;

/** Air, sun and ground about a room, hour by hour. Days go by solar time. */
final readonly class Weather
{
    /** The day's warmest hour. */
    private const WARMEST = 15.0;

    /** Rooms are let cool from this hour until that one. */
    private const NIGHT = [22, 6];

    /** Panels lie so, ° from level, facing the noon sun; and what becomes of their peak power. Common practice, no source. */
    private const PANEL_TILT = 35.0;

    private const PANEL_YIELD = 0.85;

    /** Of glass, by what the angle takes off (Souka & Safwat 1966), and for scattered light as if it came at 60°. */
    private const ANGLE = 0.10;

    private const SCATTERED = 0.9;

    /** A heat spell: its days reach this, and its nights fall so far below, °C and K. */
    public const SPELL = 35.0;

    private const SPELL_SWING = 7.0;

    private Sky $sky;

    /** @var non-empty-list<float> 365 daily means, °C */
    private array $days;

    /** @var list<array{Face, float}> glass and its area, m² */
    private array $glass;

    public function __construct(private Room $room)
    {
        $site = $room->site;
        $this->sky = Sky::of($site->sun->latitude, $site->sun->sunshine());
        $this->days = Seasons::smooth($site->climate->monthly);
        $turned = $site->room->turned;
        $this->glass = [
            [Face::upright(180.0 + $turned), $site->room->glassNorth], [Face::upright(-90.0 + $turned), $site->room->glassEast],
            [Face::upright($turned), $site->room->glassSouth], [Face::upright(90.0 + $turned), $site->room->glassWest],
            [Face::level(), $site->room->glassRoof],
        ];
    }

    /** The whole year from 1 January, its days clear or covered as its months are. */
    public function year(?float $setBack = null): Forcing
    {
        return $this->days(0, Calendar::DAYS_OF_YEAR, null, $setBack);
    }

    /**
     * Days of the season, each as warm as it usually is.
     *
     * @param  int  $from  day of the year, 0 is 1 January
     * @param  bool|null  $clear  all of them clear, all covered, or as the months are
     * @param  float|null  $setBack  by which rooms are let cool at night, K
     */
    public function days(int $from, int $count, ?bool $clear = null, ?float $setBack = null): Forcing
    {
        return $this->of(
            $count,
            fn (int $d): array => [$this->days[self::date($from + $d)], $this->room->site->sun->daySwing],
            static fn (int $d): int => self::date($from + $d),
            static fn (): ?bool => $clear,
            $setBack,
        );
    }

    /** Days of the season with clear and covered ones given: true is clear. */
    public function patterned(int $from, bool ...$clear): Forcing
    {
        return $this->of(
            count($clear),
            fn (int $d): array => [$this->days[self::date($from + $d)], $this->room->site->sun->daySwing],
            static fn (int $d): int => self::date($from + $d),
            static fn (int $d): bool => $clear[$d],
            null,
        );
    }

    /** The design day again and again, under a covered sky. */
    public function coldest(int $count): Forcing
    {
        $day = $this->coldestDay();

        return $this->of(
            $count,
            fn (): array => [$this->room->site->climate->design(), min(3.0, $this->room->site->sun->daySwing)],
            static fn (): int => $day,
            static fn (): bool => false,
            null,
        );
    }

    /** A spell of hot clear days at the end of the warmest month, no heating in it. */
    public function heatSpell(int $count): Forcing
    {
        $day = $this->warmestDay();

        return $this->of(
            $count,
            static fn (): array => [self::SPELL - self::SPELL_SWING, self::SPELL_SWING],
            static fn (): int => $day,
            static fn (): bool => true,
            null,
        )->unheated();
    }

    /** Day of the year, also of one that lies before 1 January or after 31 December. */
    private static function date(int $day): int
    {
        return ($day % Calendar::DAYS_OF_YEAR + Calendar::DAYS_OF_YEAR) % Calendar::DAYS_OF_YEAR;
    }

    /** In the middle of the coldest month; 0 is 1 January. */
    public function coldestDay(): int
    {
        return self::middle($this->room->site->climate->coldest());
    }

    public function warmestDay(): int
    {
        return self::middle($this->room->site->climate->warmest());
    }

    /** @param  int  $month  0 for January */
    private static function middle(int $month): int
    {
        return array_sum(array_slice(Calendar::DAYS, 0, $month)) + 14;
    }

    /**
     * @param  callable(int): array{float, float}  $air  mean of a day and half its swing
     * @param  callable(int): int  $date  of the year, from 0
     * @param  callable(int): (bool|null)  $clear
     */
    private function of(int $count, callable $air, callable $date, callable $clear, ?float $setBack): Forcing
    {
        $outside = $beyond = $sun = $set = $surplus = [];
        $faces = array_column($this->glass, 0);
        $panels = $this->room->site->room->panels;
        $faces[] = Face::tilted(self::PANEL_TILT, $this->room->site->sun->latitude < 0.0 ? 180.0 : 0.0);
        $normal = $this->room->set();
        for ($d = 0; $d < $count; $d++) {
            [$mean, $swing] = $air($d);
            $day = $date($d);
            $cold = $this->room->isHeated() && $mean < $this->room->site->heatingLimit;
            $ground = $this->ground($day);
            for ($h = 0; $h < 24; $h++) {
                $outside[] = $mean + $swing * cos(2 * M_PI * ($h + 0.5 - self::WARMEST) / 24);
                $beyond[] = $ground;
                $night = $h >= self::NIGHT[0] || $h < self::NIGHT[1];
                $set[] = $cold ? $normal - ($night ? $setBack ?? 0.0 : 0.0) : null;
                $on = $this->sky->on($faces, $day + 1, $h + 0.5, $clear($d));
                $sun[] = $this->through($on);
                $made = $panels * ($on[5][0] + $on[5][1]) * self::PANEL_YIELD;
                $surplus[] = max(0.0, $made - 1000 * $this->room->site->room->ownUse);
            }
        }

        return new Forcing($outside, $beyond, $sun, $set, $surplus);
    }

    /** @param  list<array{float, float, float}>  $on  each face */
    private function through(array $on): float
    {
        $sum = 0.0;
        foreach ($this->glass as $i => [$face, $area]) {
            [$beam, $scattered, $cos] = $on[$i];
            $angle = $cos > 0.0 ? max(0.0, 1 - self::ANGLE * (1 / $cos - 1)) : 0.0;
            $sum += $area * ($beam * $angle + $scattered * self::SCATTERED);
        }

        return $sum * $this->room->site->room->glassG;
    }

    /** Between the middles of months, °C. */
    private function ground(int $day): float
    {
        $at = ($day + 0.5) / 365 * 12 - 0.5;
        $i = (int) floor($at);
        $share = $at - $i;

        return (1 - $share) * $this->room->virtual[($i + 12) % 12] + $share * $this->room->virtual[($i + 13) % 12];
    }
}
