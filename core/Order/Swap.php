<?php

declare(strict_types=1);

namespace Ondergrond\Order;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Material;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Judged;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/** Another product in a part's place, judged by the whole design before it is taken. */
final readonly class Swap
{
    /**
     * @param  string  $refused  why it cannot stand there; empty where it can
     * @param  list<Judged>  $brought  found with it and not without
     * @param  list<Judged>  $taken  found without it and not with
     * @param  float  $annual  more heat over the year by the fields, kWh
     * @param  list<array{concern: Concern, before: string, after: string}>  $verdicts  that read otherwise
     */
    private function __construct(
        public Part $part,
        public Material $material,
        public string $refused,
        public array $brought = [],
        public array $taken = [],
        public float $annual = 0.0,
        public array $verdicts = [],
        public ?Design $design = null,
    ) {}

    /** @throws FaultyInput where it cannot stand there */
    public static function put(Design $design, Part $part, Material $material): Design
    {
        $data = DesignCodec::toArray($design);
        $keys = array_values(array_intersect(SizePath::MATERIALS, array_keys($data[$part->value] ?? [])));
        if (count($keys) !== 1 || ($part === Part::Stem && $design->stem->hasLeaves())) {
            throw FaultyInput::one(Fault::of("/{$part->value}", 'a part of several materials', 'one of a single material'));
        }
        $data[$part->value][$keys[0]] = $material->slug;

        $known = $design->materials();
        $own = $material->product === null || $known->find($material->slug) !== null ? [] : [$material];

        return DesignCodec::fromArray($data, $known->with(...$own));
    }

    public static function judged(Site $site, Design $design, Part $part, Material $material, UnitSystem $units): self
    {
        try {
            $then = self::put($design, $part, $material);
        } catch (FaultyInput $e) {
            return new self($part, $material, implode(
                '; ', array_map(static fn (Fault $f): string => "{$f->found}, allowed: {$f->allowed}", $e->faults),
            ));
        }
        [$before, $after] = [
            Assessor::assess($site, $design, $units, roughly: true), Assessor::assess($site, $then, $units, roughly: true),
        ];
        $ids = static fn (array $of): array => array_map(static fn (Judged $j): string => $j->finding->rule->id(), $of);
        $only = static fn (array $of, array $not): array => array_values(array_filter(
            $of, static fn (Judged $j): bool => ! in_array($j->finding->rule->id(), $ids($not), true),
        ));
        $verdicts = [];
        foreach (Concern::cases() as $concern) {
            $words = $concern === Concern::None ? ['', ''] : [
                $before->judgement->rulings->on($concern)->word->value, $after->judgement->rulings->on($concern)->word->value,
            ];
            if ($words[0] !== $words[1]) {
                $verdicts[] = ['concern' => $concern, 'before' => $words[0], 'after' => $words[1]];
            }
        }

        return new self(
            $part, $material, '', $only($after->judgement->findings, $before->judgement->findings),
            $only(
                $before->judgement->findings, $after->judgement->findings,
            ), $after->field->allYear - $before->field->allYear, $verdicts, $then,
        );
    }
}
