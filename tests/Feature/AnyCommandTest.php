<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands;
use App\Database\UnusableFile;
use Illuminate\Foundation\Testing\TestCase;
use Ondergrond\Examples\Building;
use Ondergrond\Exchange\ProjectFile;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Lot;
use Tests\Oddities;
use Throwable;

/** Whatever a command is given, it does it or says in words why not, and nothing but a fault of ours ends it otherwise. */
#[Group('slow')]
final class AnyCommandTest extends TestCase
{
    use OwnDatabase;

    public $mockConsoleOutput = false;

    /** The quick way of those that compute long, and files that they would write. */
    private const QUICK = [
        'assess' => ['--freezing=none', '--hours=none'],
        'pack' => ['--html={out}'],
        'wing' => ['--seconds=1'],
    ];

    /** What names a file to write. */
    private const WRITES = ['html', 'pdf', 'svg', 'dxf', 'vtk'];

    /** What each reads, by the name of its file; where it has none, nothing. */
    private const READS = ['field' => 'section', 'layers' => 'layers', 'vapour' => 'vapour', 'inspect' => 'inspection',
        'climate' => 'climate'];

    /** Runs a winter on whatever it is given: only what it cannot read is tried here. */
    private const NEVER_WHOLE = ['frost', 'wing', 'search', 'gain'];

    /** Seconds for each that is read: few are. */
    private const LONG = ['asbuilt', 'pack', 'assess', 'mass', 'field', 'compare'];

    public function test_any_command_answers_whatever_it_is_given(): void
    {
        $all = Lot::of(20_261_128, 25);
        $this->file->prepare(true);
        $before = $this->bytes();
        $wholes = $this->wholes();
        $wrong = [];
        $ends = [];
        foreach (Commands::all() as $command) {
            $name = (string) $command->getName();
            $lot = $all->for($name);
            for ($i = 0; $i < $all->many; $i++) {
                $words = $this->words($command, $lot, $wholes);
                [$code, $said, $e] = $this->ran($words);
                // Each run leaves circles of objects behind.
                gc_collect_cycles();
                $ends[$name][$code] = true;
                $told = implode(' ', array_map(static fn (string $w): string => mb_strimwidth(mb_scrub($w), 0, 100, '…'), $words));
                if ($e !== null) {
                    $wrong["{$name} {$e->getMessage()}"] ??= "{$told}\n    number {$i} of seed {$all->seed}: ".$e::class
                        ." {$e->getMessage()} {$e->getFile()}:{$e->getLine()}"
                        .(is_file("{$this->folder}/in") ? ' '.self::kept("{$this->folder}/in") : '');
                } elseif (! in_array($code, [0, 1, 2], true) || ($code === 2 && trim($said) === '')) {
                    $wrong["{$name} {$code}"] ??= "{$told}\n    number {$i} of seed {$all->seed}: ends with {$code} and says “{$said}”";
                }
                if ($name === 'restore' && $code === 0) {
                    $before = $this->bytes();
                }
                self::assertSame($before, $this->bytes(), $told);
            }
        }
        self::assertSame([], array_values($wrong));
        self::assertGreaterThan(20, count(array_filter($ends, static fn (array $codes): bool => isset($codes[2]))),
            'most refuse something');
        self::assertGreaterThan(10, count(array_filter($ends, static fn (array $codes): bool => isset($codes[0]))), 'and do something');
    }

    public function test_a_number_that_no_number_can_hold_is_refused_wherever_it_stands(): void
    {
        $commands = ['project' => 'order', 'section' => 'field', 'layers' => 'layers', 'vapour' => 'vapour', 'inspection' => 'inspect'];
        $wrong = [];
        foreach ([...$this->wholes(), 'prices' => '{"currency": "EUR", "per_m3": {"xps-25psi": 210, "concrete": 1}}'] as $kind => $whole) {
            if (! isset($commands[$kind]) && $kind !== 'prices') {
                continue;
            }
            preg_match_all('~(?<=[:,\[])\s*-?\d[\d.]*(?=\s*[,\]}])~', $whole, $found, PREG_OFFSET_CAPTURE);
            // Of a project with its hundreds of numbers every seventh.
            foreach ($kind === 'project' ? array_filter($found[0], static fn (int $i): bool => $i % 7 === 0,
                ARRAY_FILTER_USE_KEY) : $found[0] as [$number, $at]) {
                file_put_contents("{$this->folder}/in", substr_replace($whole, '1e400', $at, strlen($number)));
                file_put_contents("{$this->folder}/project", $this->wholes()['project']);
                [$code, $said, $e] = $this->ran($kind === 'prices'
                    ? ['order', "{$this->folder}/project", "--prices={$this->folder}/in"] : [$commands[$kind], "{$this->folder}/in"]);
                if ($code !== 2 || trim($said) === '') {
                    $wrong[] = "{$kind} at {$at}: {$code} {$said} {$e?->getMessage()}";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** A save would be in one of them. */
    private function bytes(): string
    {
        return hash_file('xxh128', $this->file->path).(is_file("{$this->file->path}-wal") ? filesize("{$this->file->path}-wal") : 0);
    }

    private static function kept(string $file): string
    {
        $kept = sys_get_temp_dir().'/odd-input-'.bin2hex(random_bytes(3));
        copy($file, $kept);

        return $kept;
    }

    /**
     * @param  list<string>  $words
     * @return array{int, string, Throwable|null}
     */
    private function ran(array $words): array
    {
        // Commands that need the database start the application anew, by the environment; what is written lies in the folder.
        [$was, $env] = [(string) getcwd(), $_ENV['DB_DATABASE'] ?? ''];
        chdir($this->folder);
        $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $this->file->path;
        $application = new Application('Ondergrond');
        $application->addCommands(Commands::all());
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $output = new BufferedOutput;
        try {
            return [$application->run(new ArgvInput(['ondergrond', ...$words]), $output), $output->fetch(), null];
        } catch (UnusableFile|ExceptionInterface $e) {
            return [2, $e->getMessage(), null];
        } catch (Throwable $e) {
            return [255, '', $e];
        } finally {
            chdir($was);
            $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $env;
        }
    }

    /**
     * @param  array<string, string>  $wholes
     * @return list<string>
     */
    private function words(Command $command, Lot $lot, array $wholes): array
    {
        $odd = new Oddities($lot);
        $name = (string) $command->getName();
        $in = "{$this->folder}/in";
        $words = [$name];
        $definition = $command->getDefinition();
        foreach ($definition->getArguments() as $argument) {
            if ($argument->getName() === 'file' || $argument->getName() === 'readings') {
                $whole = $wholes[self::READS[$name] ?? 'project'];
                $cut = in_array($name, self::NEVER_WHOLE, true) || (in_array($name, self::LONG, true) && $lot->chance(0.9));
                file_put_contents($in, ! $cut && $lot->chance(0.3) ? $whole : $this->spoilt($whole, $odd, $cut));
                $given = $name === 'backup' ? "{$this->folder}/out-{$lot->random->getInt(0, 9)}.zip" : $in;
                $words[] = $name !== 'backup' && $lot->chance(0.1) ? self::text($odd->typed()) : $given;
            } elseif ($argument->isRequired() || $lot->chance(0.5)) {
                $words[] = self::text($odd->typed());
            }
        }
        foreach (self::QUICK[$name] ?? [] as $quick) {
            $words[] = str_replace('{out}', "{$this->folder}/out", $quick);
        }
        $options = $definition->getOptions();
        for ($i = $lot->random->getInt(0, 2); $i > 0 && $options !== []; $i--) {
            $option = $lot->one($options);
            if (in_array($option->getName(), ['freezing', 'hours', 'seconds', 'demo', 'pdf', 'winter'], true)) {
                continue;
            }
            // Never a place out of the folder: it would be written.
            $value = in_array($option->getName(), self::WRITES, true) ? "{$this->folder}/out" : self::text($odd->typed());
            $words[] = "--{$option->getName()}".($option->acceptValue() ? "={$value}" : '');
        }

        return $words;
    }

    /** Never as it is: what runs long would run. */
    private function spoilt(string $whole, Oddities $odd, bool $always): string
    {
        $text = $odd->json($whole);

        return $always ? substr($text, 0, -1) : $text;
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? str_replace("\0", '', $value) : (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @return array<string, string> a good file of each kind */
    private function wholes(): array
    {
        $reference = dirname(__DIR__).'/Reference/sections';
        $days = "date,mean_c\n";
        for ($d = 0; $d < 800; $d++) {
            $days .= gmdate('Y-m-d', 86_400 * $d).','.round(8 - 9 * cos(2 * M_PI * $d / 365.25), 1)."\n";
        }

        return [
            'project' => ProjectFile::write(Building::boathouse()),
            'section' => (string) file_get_contents("{$reference}/hollow.json"),
            'layers' => (string) json_encode(['layers' => [['material' => 'concrete', 'thickness_m' => 0.1],
                ['material' => 'eps-15psi', 'thickness_m' => 0.1]]]),
            'vapour' => (string) json_encode(['layers' => [['material' => 'concrete', 'thickness_m' => 0.1]],
                'inside' => ['temperature_c' => 20, 'humidity_share' => 0.5],
                'outside' => ['temperature_c' => 0, 'humidity_share' => 0.8]]),
            'inspection' => (string) json_encode(['place' => 'Cellar stair', 'on' => '2026-02-01', 'signs' => ['mould'], 'air_c' => 18]),
            'climate' => $days,
        ];
    }
}
