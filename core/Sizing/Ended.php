<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

use RuntimeException;

/** Somebody wants a search to end. */
final class Ended extends RuntimeException {}
