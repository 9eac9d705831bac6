<?php

declare(strict_types=1);

namespace App\Console;

use JsonException;
use Ondergrond\Exchange\Envelope;
use Ondergrond\Exchange\InspectionCodec;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Diagnosis;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inspect', 'Ranks what a damp place comes from by what was seen and measured, as JSON')]
final class InspectCommand extends Command
{
    /** Bytes. */
    private const LARGEST = 100_000;

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The inspection as JSON, or - for standard input');
        $this->setHelp(
            'docs/formats.md describes the file. Exits 2 with one line per fault on standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $json = InputFile::contents($input->getArgument('file'), self::LARGEST);
            $data = strlen($json) > self::LARGEST ? null : json_decode($json, true, 8, JSON_THROW_ON_ERROR);
            $seen = InspectionCodec::fromArray(
                is_array($data) && ! array_is_list($data) ? $data : throw FaultyInput::one(
                    Fault::of('', 'no inspection', 'an object of up to 0.1 MB, as docs/formats.md describes it'),
                ),
            );
        } catch (JsonException $e) {
            InputFile::refuse(
                FaultyInput::one(
                    Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'an inspection as docs/formats.md describes it'),
                ),
                $output,
            );

            return self::INVALID;
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(Envelope::json('diagnosis', 1, null, [
            'method' => 'points for and against, common practice, no source; dew point ISO 13788. A ranking, no proof',
            'inspection' => InspectionCodec::toArray($seen),
            ...InspectionCodec::diagnosis(Diagnosis::of($seen)),
        ]), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
