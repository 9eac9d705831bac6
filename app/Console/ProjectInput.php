<?php

declare(strict_types=1);

namespace App\Console;

use JsonException;
use Ondergrond\Exchange\Envelope;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\ProjectZip;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Takeoff\PriceList;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutput;
use Symfony\Component\Console\Output\OutputInterface;

/** What commands read that work on one option of a project file: which one, and with what prices. */
final readonly class ProjectInput
{
    /**
     * @param  array<string, string>  $photos  the bytes of JPEGs by SHA-256, where the file came with them
     * @param  list<string>  $notes  what the file says otherwise than it is read
     */
    private function __construct(
        public Project $project,
        public Option $option,
        public PriceList $prices,
        public array $photos,
        public array $notes,
    ) {}

    public static function configure(Command $command, bool $prices = true): void
    {
        $command->addArgument('file', InputArgument::REQUIRED, 'The project file, or - for standard input');
        $command->addOption(
            'option',
            null,
            InputOption::VALUE_REQUIRED,
            'The name of the option; otherwise the pinned one, else the first',
        );
        if ($prices) {
            $command->addOption(
                'prices',
                null,
                InputOption::VALUE_REQUIRED,
                'A price file: {"currency": "EUR", "per_m3": {"xps-25psi": 210}}',
            );
        }
    }

    /**
     * @param  bool  $built  the released option comes before the pinned one
     *
     * @throws FaultyInput
     */
    public static function of(InputInterface $input, bool $built = false): self
    {
        [$project, $photos, $notes] = self::read($input->getArgument('file'));
        foreach ($notes as $note) {
            InputFile::say(new ConsoleOutput, $note);
        }
        $name = $input->getOption('option');
        $option = ($built ? $project->built($name) : $project->option($name)) ?? throw FaultyInput::one(Fault::of(
            '/options',
            "no option named “{$name}”",
            implode(', ', array_map(static fn (Option $o): string => "“{$o->name}”", $project->options)),
        ));
        $prices = $input->hasOption('prices') && $input->getOption('prices') !== null
            ? self::prices($input->getOption('prices'))
            : PriceList::none();

        return new self($project, $option, $prices, $photos, $notes);
    }

    /**
     * @return array{Project, array<string, string>, list<string>}
     *
     * @throws FaultyInput
     */
    private static function read(string $file): array
    {
        if ($file !== '-' && is_file($file) && ProjectZip::isOne((string) file_get_contents($file, length: 4))) {
            $zip = ProjectZip::read($file);

            return self::noted($zip['json'], $zip['photos']);
        }

        return self::noted(InputFile::contents($file, ProjectFile::LARGEST), []);
    }

    /**
     * @param  array<string, string>  $photos
     * @return array{Project, array<string, string>, list<string>}
     *
     * @throws FaultyInput
     */
    private static function noted(string $json, array $photos): array
    {
        $project = ProjectFile::read($json);

        return [$project, $photos, ProjectFile::notes($project, $json)];
    }

    /** @throws FaultyInput where none is drawn */
    public function plan(): Plan
    {
        return $this->project->planOf($this->option) ?? throw FaultyInput::one(
            Fault::of('/plan', 'nothing', 'an outline; bin/ondergrond plan FILE --draw=typed draws the rectangle that was typed'),
        );
    }

    /** @param  array<string, mixed>  $result */
    public function write(OutputInterface $output, string $format, array $result): void
    {
        $output->write(Envelope::json($format, 1, ProjectFile::hash($this->project), [
            'project' => $this->project->name,
            'option' => $this->option->name,
            ...$result,
            ...($this->notes === [] ? [] : ['notes' => $this->notes]),
        ]), false, OutputInterface::OUTPUT_RAW);
    }

    /** @throws FaultyInput */
    public static function prices(string $file): PriceList
    {
        try {
            return PriceList::fromArray(
                (array) json_decode(InputFile::contents($file, ProjectFile::LARGEST), true, 8, JSON_THROW_ON_ERROR),
            );
        } catch (JsonException $e) {
            throw FaultyInput::one(Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'a price file'));
        }
    }
}
