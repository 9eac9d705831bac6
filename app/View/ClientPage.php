<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Caution;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** What a client reads of an option: what it means first, then the drawing and what its numbers stand for. */
final readonly class ClientPage
{
    public function __construct(private SectionPage $page) {}

    /** @return list<string> what it means, each a sentence in plain words */
    public function sentences(): array
    {
        $p = $this->page;
        $d = $p->option->design;
        $f = $p->format;
        $climate = $p->project->site->climate;
        $judgement = $p->judgement;
        $heat = $p->field->heating ?? $p->heat->floor->heating;
        $bare = $p->heat->bare->heating;

        return [
            sprintf(
                'This is the floor of %s: %s, %s of it.', $p->project->name,
                mb_strtolower(Families::find($d->family)?->label() ?? 'a floor'), $f->format($d->footprint->area, Quantity::Area),
            ),
            sprintf(
                'Over the heating months about %s goes through it into the ground; without insulation it would be %s.',
                $f->format($heat, Quantity::Energy), $f->format($bare, Quantity::Energy),
            ),
            $this->heat(),
            'Frost: '.lcfirst($p->frost->found()).($p->frost->verdict->reason === null
                ? ' That is for a building kept as '.$p->project->site->frost->use->label().' through the winters.' : ''),
            'Damp: '.lcfirst($p->damp->found()),
            'Warmth that stays: '.lcfirst($p->mass->found()),
            'Loads: '.match ($judgement->rulings->on(Concern::Load)->word) {
                Verdict::Fails => 'a board or the ground carries more than it may.',
                Verdict::NotChecked => 'not all loads are known yet'.($p->load->missing === [] ? '.' : ': '.implode(
                    ', ', $p->load->missing,
                ).'.'),
                Verdict::Shown => 'nothing that is judged bears on a board.',
                default => 'boards and ground carry what is known to stand on them.',
            },
            $this->findings($judgement->count(Severity::Stop) + $judgement->count(Severity::Fix), $judgement->count(Severity::NotChecked)),
            $climate->source->isProvisional()
                ? sprintf(
                    'The climate is %s%s, so every word on heat, frost, damp and warmth is provisional until the site’s own is given.',
                    $climate->source->label(), $climate->estimatedBy === '' ? '' : ' ('.$climate->estimatedBy.')',
                )
                : sprintf('The climate is %s: %s.', $climate->source->label(), $climate->name),
            Caution::TEXT,
        ];
    }

    /** @return list<array{int, string, string}> the numbers on the drawing: number, part, size */
    public function key(): array
    {
        $design = $this->page->option->design;
        $size = new PartSize($design, $this->page->format);

        return array_map(
            static fn (Part $part, int $i): array => [$i + 1, $part->label(), $size->of($part)],
            Part::layingOrder($design),
            array_keys(Part::layingOrder($design)),
        );
    }

    private function heat(): string
    {
        $site = $this->page->project->site;
        $f = $this->page->format;
        $u = $f->format($this->page->heat->floor->transmittance(), Quantity::Transmittance);
        if ($site->floorLimit === null) {
            return "Its thermal transmittance, the lower the better, is {$u}; no limit is set.";
        }

        $drawn = $this->page->field === null ? '' : ' by the standard, '.$f->format(
            $this->page->field->transmittance(), Quantity::Transmittance,
        ).' as drawn with its junctions';

        return sprintf(
            'Its thermal transmittance, the lower the better, is %s%s, against a limit of %s: %s.',
            $u, $drawn, $f->format($site->floorLimit, Quantity::Transmittance),
            $this->page->judgement->rulings->on(Concern::Heat)->said(),
        );
    }

    private function findings(int $wrong, int $unknown): string
    {
        $words = $wrong === 0
            ? 'Nothing that is judged is left to put right'
            : $wrong.($wrong === 1 ? ' thing is' : ' things are').' still to be put right before it is built so';

        return $words.($unknown === 0 ? '.' : ', and '.$unknown.($unknown === 1 ? ' is' : ' are').' not answered yet.');
    }
}
