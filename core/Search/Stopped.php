<?php

declare(strict_types=1);

namespace Ondergrond\Search;

use RuntimeException;

/** Somebody wants a search to end in the middle of a winter. */
final class Stopped extends RuntimeException {}
