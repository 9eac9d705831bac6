<?php

declare(strict_types=1);

namespace App\Models;

/** What keeps a history of its own. */
enum Subject: string
{
    /** A project's name and site. */
    case Site = 'site';

    /** An option's name, note, design and the rules set aside on it. */
    case Design = 'design';

    /** A project's plan. */
    case Plan = 'plan';

    /** What an option puts on the plan. */
    case Layout = 'layout';
}
