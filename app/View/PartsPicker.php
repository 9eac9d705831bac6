<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Design\Design;
use Ondergrond\Design\Group;
use Ondergrond\Design\Part;
use Ondergrond\Design\Typical;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgSmall;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\QuantityFormatter;

/** One part that a design does not have, as it would come in, or the reason why it may not. */
final readonly class PartsPicker
{
    /**
     * @param  string  $svg  the edge with the part in it; empty where it may not come in
     * @param  string  $size  that it would come in with
     * @param  string  $why  it may not; empty where it may
     */
    private function __construct(
        public Part $part,
        public Group $group,
        public string $svg,
        public string $size,
        public string $why,
    ) {}

    /** @return list<self> those that may come in first, in the order of the log */
    public static function of(Design $design, QuantityFormatter $format): array
    {
        $all = [];
        foreach (Group::cases() as $group) {
            foreach ($group->parts() as $part) {
                $one = $part->of($design)->present() ? null : self::one($design, $part, $group, $format);
                if ($one !== null) {
                    $all[] = $one;
                }
            }
        }
        usort($all, static fn (self $a, self $b): int => ($a->why !== '') <=> ($b->why !== ''));

        return $all;
    }

    private static function one(Design $design, Part $part, Group $group, QuantityFormatter $format): ?self
    {
        $typical = (new Typical($design, $format->system))->of($part);
        if ($typical === null) {
            return null;
        }
        try {
            $then = $design->with([$part->property() => $typical]);
        } catch (FaultyInput $e) {
            return new self($part, $group, '', '', implode('; ', array_unique(array_map(
                static fn (Fault $f): string => $f->reason !== '' ? $f->reason : 'allowed here: '.$f->allowed, $e->faults,
            ))));
        }
        $drawing = SectionDrawing::shapes($then, $format->system);

        return new self(
            $part, $group, SvgSmall::of($drawing, null, $part->value), (new PartSize($then, $format))->of($part), '',
        );
    }
}
