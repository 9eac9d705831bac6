<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\DrainMade;
use Ondergrond\Design\Part;

final class DrainsAndForms implements School
{
    public function slug(): string
    {
        return 'drains';
    }

    public function question(): string
    {
        return 'Drain pipes, or hollow boards that form the footing';
    }

    public function answers(): array
    {
        return [DrainMade::Pipe->value => 'Pipes in stone', DrainMade::FormBoards->value => 'Boards that stay'];
    }

    public function decides(): string
    {
        return 'Boards that stay are footing form, outer and inner drain and the way for soil gas in one, and are set dead level; pipes take wood '
            .'forms that are struck, and are bedded to a fall.';
    }

    public function answer(Design $design): ?string
    {
        return $design->isNew(Part::Drains) && $design->isNew(Part::Footing) && $design->drains->outer > 0.0
            ? $design->drains->made->value : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        return $design->with(['drains' => $design->drains->but(made: DrainMade::from($answer))]);
    }
}
