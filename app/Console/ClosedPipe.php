<?php

declare(strict_types=1);

namespace App\Console;

use RuntimeException;

/** Whoever was reading what a command writes reads no more. */
final class ClosedPipe extends RuntimeException {}
