<?php

declare(strict_types=1);

namespace Ondergrond;

/** The one place that says who decides. Shown on the bench and carried by every export. */
final class Caution
{
    public const TEXT = 'These are calculations, not approval. Local code and a licensed engineer or designer decide.';
}
