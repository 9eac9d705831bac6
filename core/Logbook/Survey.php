<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Closure;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Kinds\SetUp;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\Tape;
use Ondergrond\SetOut\TapeClass;

/** What the log holds of setting out: tapes that still count, the instrument as it stands, the latest rod on each height. */
final readonly class Survey
{
    /**
     * @param  array<string, Entry>  $tapes  the latest by `A–C`
     * @param  array<string, Entry>  $stale  those whose corner was moved since
     * @param  array<string, Entry>  $moved  the latest move of each corner
     * @param  list<Entry>  $setUps  since the benchmark was sighted last
     * @param  Entry|null  $closing  of these set-ups
     * @param  Rods|null  $rods  null before the first set-up
     * @param  Entry|null  $check  the latest of whether the instrument is level
     * @param  array<string, Entry>  $rodsOn  the latest by the id of what it was held on
     */
    private function __construct(
        public array $tapes,
        public array $stale,
        public array $moved,
        public array $setUps,
        public ?Entry $closing,
        public ?Rods $rods,
        public ?Entry $check,
        public array $rodsOn,
    ) {}

    public static function of(Logbook $log): self
    {
        $tapes = $stale = $moved = $setUps = $on = [];
        $closing = $rods = $check = null;
        foreach ($log->standing() as $entry) {
            $point = $entry->about->point;
            switch ($entry->kind) {
                case EntryKind::Tape:
                    $tapes[$point] = $entry;
                    unset($stale[$point]);
                    break;
                case EntryKind::Moved:
                    $moved[$point] = $entry;
                    foreach ($tapes as $name => $tape) {
                        if (in_array($point, explode('–', $name), true)) {
                            $stale[$name] = $tape;
                            unset($tapes[$name]);
                        }
                    }
                    break;
                case EntryKind::SetUp:
                    $turns = $point === SetUp::TURNING && $rods !== null;
                    [$level, $back] = $entry->values;
                    $then = self::ifRead(static fn (): Rods => $turns
                        ? $rods->moved($rods->instrument() - $level, $back) : Rods::from($level, $back));
                    if ($then !== null) {
                        [$rods, $setUps, $closing] = [$then, $turns ? [...$setUps, $entry] : [$entry], null];
                    }
                    break;
                case EntryKind::Closing:
                    $then = $rods === null ? null : self::ifRead(
                        static fn (): Rods => $rods->closed((float) $entry->drawn, $entry->values[0]),
                    );
                    [$closing, $rods] = $then === null ? [$closing, $rods] : [$entry, $then];
                    break;
                case EntryKind::LevelCheck:
                    $check = $entry;
                    break;
                case EntryKind::Rod:
                    $on[$point] = $entry;
                    break;
                default:
            }
        }

        return new self($tapes, $stale, $moved, $setUps, $closing, $rods, $check, $on);
    }

    /**
     * An entry out of a file may hold what no rod reads.
     *
     * @param  Closure(): Rods  $read
     */
    private static function ifRead(Closure $read): ?Rods
    {
        try {
            return $read();
        } catch (FaultyInput) {
            return null;
        }
    }

    /** @return list<Tape> between corners of that list alone: others went since */
    public function between(string ...$corners): array
    {
        $found = [];
        foreach ($this->tapes as $name => $entry) {
            [$from, $to] = [...explode('–', $name), ''];
            if (in_array($from, $corners, true) && in_array($to, $corners, true)) {
                $found[] = new Tape($from, $to, $entry->values[0], TapeClass::tryFrom($entry->instrument));
            }
        }

        return $found;
    }
}
