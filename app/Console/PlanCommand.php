<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\NewFile;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SetOutFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Shape;
use Ondergrond\Units\QuantityFormatter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('plan', 'Sets out the plan of a project file: outline, items, tapes, levels')]
final class PlanCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->addOption('svg', null, InputOption::VALUE_REQUIRED, 'Write the drawing there, as SVG')
            ->addOption('dxf', null, InputOption::VALUE_REQUIRED, 'Write the drawing there, as DXF')
            ->addOption(
                'draw', null, InputOption::VALUE_REQUIRED,
                'Draw an outline first and print the project file with it: “typed” (the rectangle of the typed area and outline), '
                    .implode(', ', array_column(Shape::cases(), 'value')),
            )
            ->addOption(
                'size', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'Of the outline to draw, m, to the outer face: length_m=12, width_m=8, part_length_m, part_width_m, from_m',
            );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            if ($input->getOption('draw') !== null) {
                $drawn = $job->project->planned($this->drawn($input, $job));
                $output->write(ProjectFile::write($drawn), false, OutputInterface::OUTPUT_RAW);

                return self::SUCCESS;
            }
            $plan = $job->plan();
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        [$design, $layout, $hash] = [$job->option->design, $job->option->layout, ProjectFile::hash($job->project)];
        $drawing = PlanDrawing::of($plan, $design, $layout, new QuantityFormatter($job->project->units));
        foreach (['svg' => SvgWriter::file(...), 'dxf' => DxfWriter::write(...)] as $format => $write) {
            $file = $input->getOption($format);
            if (is_string($file)) {
                NewFile::put($file, $write($drawing, $job->project->name, $hash));
            }
        }
        $result = SetOutFile::plan($plan, $design, $layout);
        if ($input->getOption('json') === true) {
            $job->write($output, 'plan', $result);

            return self::SUCCESS;
        }
        foreach ($this->lines($result) as $line) {
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }

    /** @throws FaultyInput */
    private function drawn(InputInterface $input, ProjectInput $job): Plan
    {
        $word = (string) $input->getOption('draw');
        if ($word === 'typed') {
            $corners = PlannedDesign::rectangle($job->option->design) ?? throw FaultyInput::one(Fault::of(
                '--draw', 'an area and an outline that no rectangle has', implode(', ', array_column(Shape::cases(), 'value')),
            ));

            return Plan::along($corners);
        }
        $shape = Shape::tryFrom($word) ?? throw FaultyInput::one(
            Fault::of('--draw', "“{$word}”", 'typed, '.implode(', ', array_column(Shape::cases(), 'value'))),
        );
        $sizes = [];
        foreach ($input->getOption('size') as $size) {
            [$key, $value] = [...explode('=', $size, 2), ''];
            if (! isset($shape->sizes()[$key]) || ! is_numeric($value)) {
                throw FaultyInput::one(
                    Fault::of('--size', "“{$size}”", implode(
                        ', ', array_map(static fn (string $k): string => "{$k}=…", array_keys($shape->sizes())),
                    )),
                );
            }
            $sizes[$key] = (float) $value;
        }

        return Plan::along($shape->corners($sizes));
    }

    /**
     * @param  array<string, mixed>  $result
     * @return iterable<string>
     */
    private function lines(array $result): iterable
    {
        yield sprintf('floor %.2f m², outline %.3f m, exposed %.3f m', $result['area_m2'], $result['perimeter_m'], $result['exposed_m']);
        yield $result['set_out']['pegs']['set'] === true ? 'from pegs P and Q' : 'from pegs P and Q, proposed: nobody has set them';
        foreach ([...$result['set_out']['corners'], ...$result['set_out']['items']] as $p) {
            yield sprintf(
                '%-24s P %.3f  Q %.3f m%s%s', $p['name'], $p['from_p_m'], $p['from_q_m'],
                $p['fixed'] === true ? '' : '  (the tapes cut too flat)', $p['level_m'] === null ? '' : sprintf(
                    '  level %.3f m', $p['level_m'],
                ),
            );
        }
        foreach ($result['set_out']['diagonals'] as $d) {
            yield sprintf('%s–%s %.3f m', $d['from'], $d['to'], $d['m']);
        }
        yield from $result['unmet'];
    }
}
