<?php

declare(strict_types=1);

namespace App\Pdf;

use RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Prints an HTML file as PDF with Debian's Chromium, which takes nothing from outside and is ended with its print. */
final class Printer
{
    private const PATIENCE = 120;

    /** @throws RuntimeException where there is no Chromium, or it did not print */
    public static function pdf(string $html): string
    {
        $chromium = (new ExecutableFinder)->find('chromium', null, ['/usr/bin'])
            ?? throw new RuntimeException('Chromium is not installed here (Debian: apt-get install chromium). The HTML file says the same.');
        $folder = sys_get_temp_dir().'/ondergrond-print-'.bin2hex(random_bytes(8));
        try {
            if (! @mkdir($folder, 0700) || @file_put_contents("{$folder}/pack.html", $html) !== strlen($html)) {
                throw new RuntimeException('There is no room to print: the disk that temporary files lie on is full. The HTML file says the same.');
            }
            $process = new Process([
                $chromium, '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
                '--disable-background-networking', '--disable-component-update', '--disable-sync', '--disable-extensions',
                '--host-resolver-rules=MAP * ~NOTFOUND', "--user-data-dir={$folder}/profile", '--no-pdf-header-footer',
                "--print-to-pdf={$folder}/pack.pdf", "file://{$folder}/pack.html",
            ], timeout: self::PATIENCE);
            $process->run();
            $pdf = (string) @file_get_contents("{$folder}/pack.pdf");
            if (! str_starts_with($pdf, '%PDF')) {
                throw new RuntimeException('Chromium did not print. The HTML file says the same.');
            }

            return $pdf;
        } finally {
            (new Process(['rm', '-rf', '--', $folder]))->run();
        }
    }
}
