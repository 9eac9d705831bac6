<?php

declare(strict_types=1);

// Writes the table of arrows into docs/architecture.md.

use Tests\Architecture\ArrowTable;

require __DIR__.'/../../vendor/autoload.php';
$file = dirname(__DIR__, 2).'/docs/architecture.md';
$text = (string) file_get_contents($file);
[$before, $rest] = explode(ArrowTable::FROM, $text, 2);
$after = explode(ArrowTable::TO, $rest, 2)[1];
file_put_contents($file, $before.ArrowTable::FROM."\n".ArrowTable::markdown().ArrowTable::TO.$after);
