<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/**
 * Where a site's climate comes from: what is judged under one that is not its own is provisional. Under one that is not known
 * yet the months are those of a sample, so that everything can be drawn, and what hangs on them is not checked.
 */
enum ClimateSource: string implements Choice
{
    case NotKnown = 'not-known';
    case Invented = 'invented';
    case Estimated = 'estimated';
    case Own = 'own';
    case File = 'file';

    public function label(): string
    {
        return match ($this) {
            self::NotKnown => 'not known yet',
            self::Invented => 'invented, to start from',
            self::Estimated => 'estimated',
            self::Own => 'the site’s own',
            self::File => 'from a weather file',
        };
    }

    public function isProvisional(): bool
    {
        return $this !== self::Own && $this !== self::File;
    }
}
