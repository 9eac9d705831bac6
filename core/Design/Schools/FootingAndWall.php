<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Casting;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Kind;

final class FootingAndWall implements School
{
    public function slug(): string
    {
        return 'casting';
    }

    public function question(): string
    {
        return 'Footing first, or with the wall in one pour';
    }

    public function answers(): array
    {
        return [Casting::First->value => 'Footing first', Casting::Together->value => 'One pour'];
    }

    public function decides(): string
    {
        return 'In one pour there is one truck and pump day and no joint for water, but the forms stand on each other and have to be braced; '
            .'footing first gives a level base to snap lines on, and a joint that wants its course.';
    }

    public function answer(Design $design): ?string
    {
        $poured = $design->form->present() || $design->stem->material()->kind === Kind::Concrete;

        return $poured && $design->isNew(Part::Footing) && $design->isNew(Part::Stem)
            ? ($design->footing->casting === Casting::Together ? Casting::Together : Casting::First)->value : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        return $design->with(['footing' => $design->footing->but(casting: Casting::from($answer))]);
    }
}
