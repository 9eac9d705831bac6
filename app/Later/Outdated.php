<?php

declare(strict_types=1);

namespace App\Later;

use RuntimeException;

/** The option has changed since its work was asked for. */
final class Outdated extends RuntimeException {}
