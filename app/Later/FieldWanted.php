<?php

declare(strict_types=1);

namespace App\Later;

/** How much of its fields a page asks for. */
enum FieldWanted: string
{
    /** What takes no time: drawing, formulas, findings. */
    case None = 'none';
    /** On meshes that are solved while one waits. */
    case Rough = 'rough';
    /** As fine as their accuracy asks for, however long that takes. */
    case Now = 'now';
}
