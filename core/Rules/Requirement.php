<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Heat\SlabOnGround;
use Ondergrond\Verdict\Verdict;

/** One thing that the site's set of requirements asks of a design: what it needs, what it has, by which parts. */
final readonly class Requirement
{
    /** What rounding of sold sizes may lack, m²K/W. */
    public const ROUNDING = 0.03;

    /**
     * @param  string  $where  what it is asked of
     * @param  float  $needed  R without films, m²K/W
     * @param  float  $found  m²K/W
     * @param  list<Part>  $by  the parts that give it
     */
    private function __construct(
        public string $where,
        public float $needed,
        public float $found,
        public array $by,
    ) {}

    /** @return list<self> all that the set asks of this design */
    public static function all(Subject $s): array
    {
        return array_values(array_filter(
            [self::underSlab($s), self::edge($s), self::basementWall($s), self::crawlspaceWall($s), self::deck($s)],
        ));
    }

    public static function underSlab(Subject $s): ?self
    {
        return self::of('under the slab', $s->site->requirements->underSlab, $s->isHeated() && $s->design->slab->present(),
            static fn (): float => $s->floorResistance(), $s->design, [Part::Field, Part::Perimeter, Part::BoardAbove, Part::Screed]);
    }

    public static function edge(Subject $s): ?self
    {
        $reach = $s->site->requirements->edgeDepth ?? 0.0;

        return self::of(
            'at the edge', $s->site->requirements->edge,
            $s->isHeated() && $s->design->slab->present() && $s->heat()->floor->formula instanceof SlabOnGround,
            static fn (): float => $s->sizes->edgeResistance($reach), $s->design, [Part::EdgeOutside, Part::EdgeInside, Part::Form],
        );
    }

    public static function basementWall(Subject $s): ?self
    {
        return self::of(
            'on the basement wall', $s->site->requirements->basementWall,
            $s->design->hasRoomBelowGrade() && $s->isHeated() && ! $s->isCrawlspace(),
            static fn (): float => $s->sizes->wallInsulation(), $s->design, [Part::EdgeOutside, Part::Form, Part::Lining],
        );
    }

    public static function crawlspaceWall(Subject $s): ?self
    {
        return self::of(
            'on the crawlspace wall', $s->site->requirements->crawlspaceWall, $s->isCrawlspace() && $s->isHeated(),
            static fn (): float => $s->sizes->wallInsulation(), $s->design, [Part::EdgeOutside, Part::Form, Part::Lining],
        );
    }

    public static function deck(Subject $s): ?self
    {
        return self::of(
            'in the deck', $s->site->requirements->deck, $s->design->deck->present() && ! $s->isHeated(),
            static fn (): float => array_sum(array_map(
                static fn (Layer $l): float => $l->insulates() ? $l->resistance() : 0.0, $s->design->deck->layers,
            )), $s->design, [Part::Deck],
        );
    }

    public function isMet(): bool
    {
        return $this->found >= $this->needed - self::ROUNDING;
    }

    public function word(): Verdict
    {
        return match (true) {
            ! $this->isMet() => Verdict::Fails,
            $this->found < $this->needed - 1e-9 => Verdict::Close,
            default => Verdict::Holds,
        };
    }

    /**
     * @param  callable(): float  $found
     * @param  list<Part>  $by
     */
    private static function of(string $where, ?float $needed, bool $applies, callable $found, Design $design, array $by): ?self
    {
        return $needed === null || ! $applies ? null : new self(
            $where, $needed, $found(), array_values(array_filter($by, static fn (Part $p): bool => $p->of($design)->present())),
        );
    }
}
