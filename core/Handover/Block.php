<?php

declare(strict_types=1);

namespace Ondergrond\Handover;

/** Something that stands in a chapter: writing, a table, a picture. */
interface Block {}
