<?php

declare(strict_types=1);

namespace Ondergrond\Register;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Said;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;

/** Something that must be settled before the pour. */
final readonly class OpenPoint
{
    /**
     * @param  string  $id  made from where it comes from, so that it stays when sizes change; of one by hand its entry's
     * @param  Origin  $origin  where it comes from
     * @param  Said  $what  is open
     * @param  string  $trade  whose it is, in words; empty: nobody's yet
     * @param  string  $due  day by which, `2026-03-04`; empty: before the pour
     * @param  Severity|null  $severity  of what was found; null where it was written by hand
     * @param  Entry|null  $settled  how and by whom; null while it is open
     * @param  bool  $isOther  it was settled, and says something else since
     * @param  string  $at  place on the plan, `item:<id>`; empty elsewhere
     * @param  string  $name  of the item it is about; empty where it is about none
     */
    public function __construct(
        public string $id,
        public Origin $origin,
        public Said $what,
        public string $trade = '',
        public string $due = '',
        public ?Severity $severity = null,
        public ?Entry $settled = null,
        public bool $isOther = false,
        public string $at = '',
        public string $name = '',
    ) {}

    public function isOpen(): bool
    {
        return $this->settled === null;
    }

    /** Whether it should have been settled by that day, `2026-03-04`. */
    public function isLate(string $today): bool
    {
        return $this->isOpen() && $this->due !== '' && $this->due < $today;
    }

    public function text(QuantityFormatter $format): string
    {
        return ($this->name === '' ? '' : "{$this->name}: ").$this->what->in($format);
    }

    /** As it is read before the pour; it is another one when it says something else. */
    public function holdId(): string
    {
        return HoldPoint::BeforePour->value.':'.$this->id.'-'.substr(sha1($this->text(new QuantityFormatter(UnitSystem::Metric))), 0, 8);
    }

    public function holdItem(QuantityFormatter $format): HoldItem
    {
        return new HoldItem(
            $this->holdId(), HoldPoint::BeforePour, $this->text($format), EntryKind::Settled, source: $this->origin->label(),
        );
    }
}
