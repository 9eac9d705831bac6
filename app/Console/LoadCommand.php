<?php

declare(strict_types=1);

namespace App\Console;

use App\Console\Load\Asked;
use App\Console\Load\OwnServer;
use App\Console\Load\Person;
use CurlHandle;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use RuntimeException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('load', 'Measures how long people wait, many at once, on a server and a demo of its own')]
final class LoadCommand extends Command
{
    private const LONGEST = 600;

    protected function configure(): void
    {
        $this->addOption('people', null, InputOption::VALUE_REQUIRED, 'How many work at once', '30')
            ->addOption('seconds', null, InputOption::VALUE_REQUIRED, 'For how long, 600 at most', '60')
            ->addOption('think', null, InputOption::VALUE_REQUIRED, 'Mean seconds between an answer and the next change', '5')
            ->addOption(
                'first', null, InputOption::VALUE_REQUIRED, 'Which project of the demo the first of them opens; the others follow',
                '0',
            )
            ->addOption('winters', null, InputOption::VALUE_NONE, 'With the worker that runs winters, and winters for it to run')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a table');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $people = (int) self::number($input, 'people', 1, 200);
            $seconds = self::number($input, 'seconds', 1, self::LONGEST);
            $think = self::number($input, 'think', 0, 60);
            $first = (int) self::number($input, 'first', 0, 100);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $own = OwnServer::start((bool) $input->getOption('winters'));
        $figures = $this->work($own, $people, $seconds, $think, $first);
        $rows = [];
        foreach ($figures as $kind => ['ms' => $times, 'bytes' => $bytes]) {
            sort($times);
            sort($bytes);
            $at = static fn (array $of, float $share): float => $of[min(count($of) - 1, (int) floor($share * count($of)))];
            $rows[$kind] = [
                'count' => count($times),
                'median_ms' => round($at($times, 0.5), 1),
                'p95_ms' => round($at($times, 0.95), 1),
                'slowest_ms' => round(max($times), 1),
                'median_kb' => round($at($bytes, 0.5) / 1000, 1),
            ];
        }
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode(['people' => $people, 'seconds' => $seconds, 'kinds' => $rows], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR),
            );

            return self::SUCCESS;
        }
        $table = (new Table($output))->setHeaders(['request', 'count', 'median ms', 'p95 ms', 'slowest ms', 'median kB']);
        foreach ($rows as $kind => $row) {
            $table->addRow([$kind, ...array_values($row)]);
        }
        $table->render();

        return self::SUCCESS;
    }

    /**
     * @return array<string, array{ms: non-empty-list<float>, bytes: non-empty-list<int>}> by kind of request
     *
     * @throws RuntimeException where an answer is not what it should be
     */
    private function work(OwnServer $own, int $people, float $seconds, float $thinks, int $first): array
    {
        mt_srand(1);
        $all = curl_multi_init();
        $figures = $waiting = $busy = [];
        $now = microtime(true);
        for ($i = 0; $i < $people; $i++) {
            $person = new Person($first + $i, $own->mark, $thinks);
            $jar = curl_share_init();
            curl_share_setopt($jar, CURLSHOPT_SHARE, CURL_LOCK_DATA_COOKIE);
            $asked = $person->begins();
            $waiting[] = [$now + $asked->after, $person, $asked, $jar];
        }
        $until = $now + $seconds;
        while (($now = microtime(true)) < $until) {
            foreach ($waiting as $i => [$due, $person, $asked, $jar]) {
                if ($due <= $now) {
                    unset($waiting[$i]);
                    $handle = $this->handle($own->address, $asked, $jar);
                    curl_multi_add_handle($all, $handle);
                    $busy[(int) $handle] = [$person, $asked, $jar, $now];
                }
            }
            curl_multi_exec($all, $running);
            while (($done = curl_multi_info_read($all)) !== false) {
                /** @var CurlHandle $handle */
                $handle = $done['handle'];
                [$person, $asked, $jar, $since] = $busy[(int) $handle];
                unset($busy[(int) $handle]);
                $body = (string) curl_multi_getcontent($handle);
                $figures[$asked->kind]['ms'][] = 1000 * (microtime(true) - $since);
                $figures[$asked->kind]['bytes'][] = strlen($body);
                $next = $person->then($asked, curl_getinfo($handle, CURLINFO_HTTP_CODE), $body);
                curl_multi_remove_handle($all, $handle);
                $waiting[] = [microtime(true) + $next->after, $person, $next, $jar];
            }
            curl_multi_select($all, 0.005);
        }

        return $figures;
    }

    private function handle(string $address, Asked $asked, \CurlShareHandle $jar): CurlHandle
    {
        $handle = curl_init($address.$asked->url);
        if ($handle === false) {
            throw new RuntimeException('no request can be made');
        }
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true, CURLOPT_SHARE => $jar, CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 60,
            CURLOPT_HTTPHEADER => $asked->have !== null ? [
                'X-Bench: 1',
                "X-Have: {$asked->have}",
                'Accept: text/html',
            ] : ['Accept: text/html'],
        ]);
        if ($asked->form !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query($asked->form));
        }

        return $handle;
    }

    /** @throws FaultyInput */
    private static function number(InputInterface $input, string $name, int $least, int $most): float
    {
        $typed = $input->getOption($name);
        if (! is_numeric($typed) || $typed < $least || $typed > $most) {
            throw FaultyInput::one(Fault::of("--{$name}", is_string($typed) ? "“{$typed}”" : 'nothing', "{$least} to {$most}"));
        }

        return (float) $typed;
    }
}
