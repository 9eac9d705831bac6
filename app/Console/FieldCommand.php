<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\NewFile;
use Ondergrond\Exchange\FieldFile;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Exchange\VtkWriter;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Field\FreezingSolution;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Unsolved;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('field', 'Reads a section file and prints its temperatures and heat flows as JSON, or those of a winter')]
final class FieldCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The section file, or - for standard input');
        $this->addOption(
            'isotherms',
            null,
            InputOption::VALUE_REQUIRED,
            'Temperatures in °C, such as 0,5,10, whose lines are added as SVG paths',
        );
        $this->addOption('vtk', null, InputOption::VALUE_REQUIRED, 'A file to write the whole field to, as legacy VTK');
        $this->setHelp(
            'docs/formats.md describes the files. A section with a winter is gone through day by day. Exits 0 with the answer on '
                .'standard output; 2 with one line per fault on standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $levels = self::levels($input->getOption('isotherms'));
            $problem = SectionFile::read(InputFile::contents($input->getArgument('file'), SectionFile::LARGEST));
            $vtk = $input->getOption('vtk');
            if ($problem->winter !== null) {
                if ($levels !== [] || $vtk !== null) {
                    throw FaultyInput::one(
                        Fault::of(
                            $vtk === null ? '--isotherms' : '--vtk',
                            'a section with a winter',
                            'a section without one: of a winter only the answer by day is written',
                        ),
                    );
                }
                $output->write(FieldFile::freezing(FreezingSolution::of($problem)), false, OutputInterface::OUTPUT_RAW);

                return self::SUCCESS;
            }
            $solution = Solution::of($problem);
            if ($vtk !== null) {
                NewFile::put($vtk, VtkWriter::write($solution));
            }
        } catch (Unsolved $e) {
            InputFile::refuse(FaultyInput::one(Fault::of(
                '/boundaries', "no field between them: {$e->getMessage()}",
                'a section through which heat flows from one boundary to another',
            )), $output);

            return self::INVALID;
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(FieldFile::write($solution, $levels), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /**
     * @return list<float>
     *
     * @throws FaultyInput
     */
    private static function levels(?string $typed): array
    {
        $levels = [];
        foreach ($typed === null ? [] : explode(',', $typed) as $text) {
            if (! is_numeric(trim($text))) {
                throw FaultyInput::one(Fault::of('--isotherms', "“{$text}”", 'temperatures in °C with commas between, such as 0,5,10'));
            }
            $levels[] = (float) $text;
        }

        return $levels;
    }
}
