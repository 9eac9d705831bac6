<?php

declare(strict_types=1);

// Writes the table of arrows into docs/architecture.md.

use Tests\Architecture\ArrowTable;

require __DIR__.'/../../vendor/autoload.php';
$file = dirname(__DIR__, 2).'/docs/architecture.md';
$text = (string) file_get_contents($file);
$from = strpos($text, ArrowTable::FROM) + strlen(ArrowTable::FROM);
$to = strpos($text, ArrowTable::TO);
file_put_contents($file, substr($text, 0, $from)."\n".ArrowTable::markdown().substr($text, (int) $to));
