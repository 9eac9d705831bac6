<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\GroundWater;
use Ondergrond\Verdict\Severity;

final class WoolOutOfGround extends Rule
{
    public function asks(): string
    {
        return 'Stone wool outside is kept out of wet ground.';
    }

    public function why(): string
    {
        return 'Where water stands it is wet insulation for half the year, and it has little strength against backfill.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $wool = $d->edgeOutside->present()
            && $d->edgeOutside->layer->material->kind === Kind::MineralWool
            && $d->edgeOutside->depthBelowGrade > 0.05;
        $remedy = Remedy::of(
            'Take extruded board below the ground.',
            static fn (Design $d): Design => (new Companions($s->stock))->ofFoam($d->with(
                ['edgeOutside' => $d->edgeOutside->but(layer: $d->edgeOutside->layer->made(Catalogue::get('xps-25psi')))],
            )),
        );

        return match (true) {
            ! $wool || $s->site->water === GroundWater::Dry => null,
            $s->site->water === GroundWater::NotSaid => $this->notChecked(
                'Stone wool stands in the ground, and how wet that is is not said.',
                unsaid: 'site.water',
            ),
            default => $this->fix('Stone wool stands in ground that is '.$s->site->water->label().'.', remedy: $remedy),
        };
    }
}
