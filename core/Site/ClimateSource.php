<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/** Where a site's climate comes from: what is judged under one that is not its own is provisional. */
enum ClimateSource: string implements Choice
{
    case Invented = 'invented';
    case Estimated = 'estimated';
    case Own = 'own';
    case File = 'file';

    public function label(): string
    {
        return match ($this) {
            self::Invented => 'invented, to start from',
            self::Estimated => 'estimated',
            self::Own => 'the site’s own',
            self::File => 'from a weather file',
        };
    }

    public function isProvisional(): bool
    {
        return $this === self::Invented || $this === self::Estimated;
    }
}
