<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\NewFile;
use App\Forms\TypedTraverse;
use Ondergrond\Drawing\ElevationDrawing;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\PlanFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SetOutFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Elevation;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Proposals;
use Ondergrond\Plan\Redraw;
use Ondergrond\Plan\Shape;
use Ondergrond\Project\TypedFloor;
use Ondergrond\SetOut\Rods;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('plan', 'Draws, judges and sets out the plan of a project file')]
final class PlanCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $shapes = implode(', ', array_column(Shape::cases(), 'value'));
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->addOption('csv', null, InputOption::VALUE_NONE, 'Print CSV instead of a list')
            ->addOption(
                'mend', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'Do what a rule offers about each clash it finds, and print the project file with it: sleeve-down-edge',
            )
            ->addOption(
                'propose', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'Put in what a rule proposes, and print the project file with it: '.implode(', ', array_keys(Proposals::all())),
            )
            ->addOption('wall', null, InputOption::VALUE_REQUIRED, 'Print a wall from outside as SVG: the corner that it begins at')
            ->addOption('setout', null, InputOption::VALUE_NONE, 'Print what is taped as CSV: id, along, across, peg_a, peg_b, rod')
            ->addOption('backsight', null, InputOption::VALUE_REQUIRED, 'With --setout: rod on the benchmark, m, so that rods follow')
            ->addOption('svg', null, InputOption::VALUE_OPTIONAL, 'Print the drawing as SVG, or write it there', false)
            ->addOption('dxf', null, InputOption::VALUE_OPTIONAL, 'Print the drawing as DXF, or write it there', false)
            ->addOption(
                'draw', null, InputOption::VALUE_REQUIRED,
                'Draw an outline first and print the project file with it: “typed” (the rectangle of the typed area and outline, its '
                    ."sides laid along the walls), “traverse” (by --leg), {$shapes}",
            )
            ->addOption(
                'keep', null, InputOption::VALUE_NONE,
                'With --draw of a shape: of the typed area and outline; --size says what they leave open',
            )
            ->addOption(
                'size', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'Of the outline to draw, m, to the outer face: length_m=12, width_m=8, part_length_m, part_width_m, from_m',
            )
            ->addOption(
                'leg', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'Of a traverse, in order: “12 right”, “8.4 up”, “3.2 135” (m, and a way on the sheet or degrees against the clock)',
            );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            if ($input->getOption('draw') !== null) {
                $plan = $this->drawn($input, $job);
                $old = $job->project->plan;
                $project = $job->project->planned($old === null ? $plan : Redraw::over($old, $plan));
                $output->write(ProjectFile::write($project), false, OutputInterface::OUTPUT_RAW);

                return self::SUCCESS;
            }
            if ($input->getOption('mend') !== [] || $input->getOption('propose') !== []) {
                $mended = PlanMends::of(
                    $job->project, $job->option, $job->plan(), $input->getOption('propose'), $input->getOption('mend'),
                );
                $output->write(ProjectFile::write($mended), false, OutputInterface::OUTPUT_RAW);

                return self::SUCCESS;
            }
            $plan = $job->project->planOf($job->option);
            if ($plan === null && $input->getOption('json') === true) {
                $job->write($output, 'plan', PlanFile::none());

                return self::SUCCESS;
            }
            $plan ??= $job->plan();
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }

        return $this->told($plan, $job, $input, $output);
    }

    private function told(Plan $plan, ProjectInput $job, InputInterface $input, OutputInterface $output): int
    {
        [$design, $layout, $hash] = [$job->option->written(), $job->option->layout, ProjectFile::hash($job->project)];
        if ($input->getOption('setout') === true) {
            return $this->setOut($plan, $job, $input, $output);
        }
        if ($input->getOption('wall') !== null) {
            return $this->wall($plan, $job, (string) $input->getOption('wall'), $output);
        }
        $said = false;
        foreach (['svg' => SvgWriter::file(...), 'dxf' => DxfWriter::write(...)] as $format => $write) {
            $file = $input->getOption($format);
            if ($file === false) {
                continue;
            }
            $text = $write(
                PlanDrawing::of($plan, $design, $layout, new QuantityFormatter($job->project->units)), $job->project->name, $hash,
            );
            if (is_string($file)) {
                NewFile::put($file, $text);
            } else {
                $output->write($text, false, OutputInterface::OUTPUT_RAW);
                $said = true;
            }
        }
        if ($input->getOption('json') === true) {
            $job->write($output, 'plan', [
                ...PlanFile::toArray($plan, $design, $layout), 'set_out' => SetOutFile::plan($plan, $design, $layout),
            ]);
        } elseif ($input->getOption('csv') === true) {
            $output->write(PlanFile::csv($plan, $layout), false, OutputInterface::OUTPUT_RAW);
        } elseif (! $said) {
            $result = [...PlanFile::toArray($plan, $design, $layout), 'set_out' => SetOutFile::plan($plan, $design, $layout)];
            foreach ($this->lines($result) as $line) {
                $output->writeln($line, OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }

    private function wall(Plan $plan, ProjectInput $job, string $corner, OutputInterface $output): int
    {
        $walls = Elevation::all($plan, $job->option->written(), $job->option->layout);
        if (! isset($walls[$corner])) {
            InputFile::refuse(FaultyInput::one(Fault::of('--wall', "“{$corner}”", implode(', ', array_keys($walls)))), $output);

            return self::INVALID;
        }
        $output->write(SvgWriter::file(
            ElevationDrawing::of($walls[$corner], new QuantityFormatter($job->project->units)), $job->project->name,
            ProjectFile::hash($job->project),
        ), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function setOut(Plan $plan, ProjectInput $job, InputInterface $input, OutputInterface $output): int
    {
        $sight = $input->getOption('backsight');
        try {
            $rods = $sight === null ? null : Rods::from(
                $plan->benchmark ?? throw FaultyInput::one(Fault::of('/plan/benchmark_m', 'a benchmark without level', 'its level, m')),
                is_numeric($sight) ? (float) $sight : throw FaultyInput::one(
                    Fault::of('--backsight', "“{$sight}”", 'what the rod read, m'),
                ),
            );
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(SetOutFile::csv($plan, $job->option->written(), $job->option->layout, $rods), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws FaultyInput */
    private function drawn(InputInterface $input, ProjectInput $job): Plan
    {
        $word = (string) $input->getOption('draw');
        if ($word === 'typed') {
            return TypedFloor::plan($job->option->written(), Shape::Rectangle);
        }
        if ($word === 'traverse') {
            return $this->traverse($input, $job);
        }
        $shape = Shape::tryFrom($word) ?? throw FaultyInput::one(
            Fault::of('--draw', "“{$word}”", 'typed, traverse, '.implode(', ', array_column(Shape::cases(), 'value'))),
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

        return $input->getOption('keep') === true
            ? TypedFloor::plan($job->option->written(), $shape, $sizes)
            : TypedFloor::beside(Plan::along($shape->corners($sizes)), $job->option->design);
    }

    /** @throws FaultyInput where it does not close */
    private function traverse(InputInterface $input, ProjectInput $job): Plan
    {
        $format = new QuantityFormatter(UnitSystem::Metric);
        $traverse = TypedTraverse::read($input->getOption('leg'), $format);
        if (! $traverse->closes()) {
            throw FaultyInput::one(
                Fault::of(
                    '--leg', 'legs that do not close',
                    'legs that lead back to where they began. '.TypedTraverse::misclosure($traverse, $format),
                ),
            );
        }

        return TypedFloor::beside(Plan::along($traverse->outline()), $job->option->design);
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
        foreach ($result['findings'] as $found) {
            yield "{$found['severity']}: ".($found['name'] === '' ? $found['about'] : $found['name']).": {$found['said']}";
        }
        yield from $result['unmet'];
    }
}
