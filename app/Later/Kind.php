<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\StudyKind;

/** The kinds of work that follow; each is named so in addresses and in what is kept. */
enum Kind: string
{
    case Fields = 'fields';
    case Winters = 'winters';
    case Cooling = 'cooling';
    case Story = 'story';
    case Costs = 'costs';

    /** @return class-string<Work> */
    public function work(): string
    {
        return match ($this) {
            self::Fields => Fields::class,
            self::Winters => Winters::class,
            self::Cooling => Cooling::class,
            self::Story => Story::class,
            self::Costs => Costs::class,
        };
    }

    /** Winters take so long that they have a worker of their own. */
    public function queue(): string
    {
        return $this === self::Winters ? StudyKind::WINTERS : 'default';
    }
}
