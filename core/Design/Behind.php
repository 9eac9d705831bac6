<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** One layer behind a cover. */
final readonly class Behind
{
    use Remade;

    /** @param  Done  $lapped  its upper lengths outside its lower ones, and itself outside what lies below it */
    public function __construct(
        #[Size('layer')]
        public BehindKind $kind = BehindKind::Wrap,
        #[Size('laps', words: ['not-said' => 'laps not said', 'no' => 'lapped the wrong way', 'yes' => 'upper outside lower'])]
        public Done $lapped = Done::NotSaid,
    ) {}
}
