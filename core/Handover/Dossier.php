<?php

declare(strict_types=1);

namespace Ondergrond\Handover;

use DateTimeImmutable;
use DateTimeZone;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Assessment;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Units\QuantityFormatter;

/** All that a pack tells of one job. */
final readonly class Dossier
{
    /**
     * @param  array<string, HoldState>  $holds  by hold point
     * @param  list<string>  $photos  SHA-256 of those that are at hand
     */
    public function __construct(
        public Project $project,
        public Option $option,
        public Difference $difference,
        public AsBuilt $built,
        public OrderList $order,
        public Logbook $log,
        public array $holds,
        public QuantityFormatter $format,
        public DateTimeImmutable $made,
        public array $photos = [],
    ) {}

    /** What is true of it: as it was built. */
    public function assessment(): Assessment
    {
        return $this->difference->after;
    }

    /** A moment as the site's clock shows it. */
    public function moment(string $at): string
    {
        return $at === '' ? '' : (new DateTimeImmutable($at))->setTimezone(new DateTimeZone($this->project->site->timeZone))->format('j M Y H:i');
    }
}
