<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The two schools of where a permanent form begins. */
enum FormStart: string
{
    case Footing = 'footing';
    case Grade = 'grade';
}
