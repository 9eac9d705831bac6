<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use RuntimeException;

/** A field that the arithmetic finds no answer for, as where what drives it is smaller than rounding. */
final class Unsolved extends RuntimeException {}
