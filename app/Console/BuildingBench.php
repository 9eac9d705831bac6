<?php

declare(strict_types=1);

namespace App\Console;

use App\Building\BuildingJob;
use App\Jobs\MakePack;
use App\Models\EntryRecord;
use App\Models\Project;
use App\Pdf\Printer;
use Closure;
use DateTimeImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Ondergrond\Assessor;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Examples\Building;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Where;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Project\Ulid;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\Network;
use Ondergrond\Sequence\Schedule;
use Ondergrond\SetOut\SetOut;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** From the plan to the hand-over: the pages of a job, an edit of a plan, a log of a thousand entries, a pack. */
final class BuildingBench
{
    private const ENTRIES = 1000;

    /**
     * @param  Closure(Request): void  $send
     * @return array<string, callable(): mixed>
     */
    public static function steps(Closure $send): array
    {
        $built = Project::query()->where('name', 'Music school with practice basement')->firstOrFail();
        $free = Project::store(self::free(Building::boathouse()), $built->firm ?? throw new \LogicException('no firm'), 'The bench', true);
        foreach (range(1, self::ENTRIES) as $i) {
            $id = (string) Str::ulid();
            EntryRecord::query()->forceCreate([
                'id' => $id, 'project_id' => $free->id, 'kind' => 'lap', 'hold' => 'h7:lap', 'received_at' => now(),
                'state' => new Entry($id, EntryKind::Lap, new Where(hold: 'h7:lap'), [0.2 + $i / 10_000], min: 0.15, who: 'The bench',
                    at: '2026-11-24T08:00:00+01:00', counter: $i),
            ]);
        }
        $page = static fn (string $url): callable => static fn () => $send(Request::create($url));
        $item = (string) array_key_first($free->plan()->items->all ?? []);
        $x = 3.0;
        $edit = static function () use ($send, $free, $item, &$x): void {
            $x = $x > 6.0 ? 3.0 : $x + 0.01;
            $plan = Project::query()->findOrFail($free->id)->drawnPlan;
            $send(Request::create("/projects/{$free->id}/plan", 'PUT', [
                'revision' => $plan?->revisions()->latest('id')->first()?->id, 'written_in' => 'metric point',
                'plan' => ['items' => [$item => ['x_m' => "{$x} m"]]],
            ]));
            $send(Request::create("/projects/{$free->id}/plan"));
        };
        $large = Project::store(self::large($free->toCore()), $free->firm ?? throw new \LogicException('no firm'), 'The bench', true);
        $places = array_map(static fn (Item $i): array => [
            'x_m' => "{$i->at()->x} m", 'y_m' => "{$i->at()->y} m", 'level_m' => "{$i->at()->level} m",
        ], $large->plan()->items->all ?? []);
        $edited = static function () use ($send, $large, $places, &$x): void {
            $x = $x > 6.0 ? 3.0 : $x + 0.01;
            $places[array_key_first($places)]['x_m'] = "{$x} m";
            $send(Request::create("/projects/{$large->id}/plan", 'PUT', [
                'revision' => Project::query()->findOrFail($large->id)->drawnPlan?->revisions()->latest('id')->first()?->id,
                'written_in' => 'metric point', 'plan' => ['items' => $places],
            ], server: ['HTTP_X_LIVE' => '1']));
        };
        $core = $free->toCore();
        $option = $core->options[0];
        $job = new Job($option->design, $core->units, $core->plan, ($core->plan->items ?? new Items)->and($option->layout));

        return [
            'order: count a job' => static fn () => OrderList::of($job, PriceList::none()),
            'sequence: tasks, days, critical path' => static fn () => Schedule::of(
                Network::of(new Circumstances($core->site, $job)), Calendar::moment('2026-03-02'),
            ),
            'plan: 60 corners, 200 items, drawn and judged' => static function () use ($large): void {
                $option = Project::query()->findOrFail($large->id)->leading();
                [$plan, $format] = [$option->plan() ?? throw new \LogicException('not drawn'), new QuantityFormatter(UnitSystem::Metric)];
                SvgWriter::beside(PlanDrawing::of($plan, $option->typed(), $option->layout(), $format));
                PlanReview::of($plan, $option->typed(), $option->layout());
                Assessor::formulas($large->site, $option->design);
            },
            'plan: 60 corners, 200 items, judged and set out' => static function () use ($large): void {
                $option = Project::query()->findOrFail($large->id)->leading();
                $plan = $option->plan() ?? throw new \LogicException('not drawn');
                PlanReview::of($plan, $option->typed(), $option->layout());
                SetOut::of($plan, $option->typed(), $option->layout());
            },
            'page: plan' => $page("/projects/{$built->id}/plan"),
            'page: plan of 60 corners and 200 items' => $page("/projects/{$large->id}/plan"),
            'page: set out' => $page("/projects/{$built->id}/plan/set-out"),
            'page: order' => $page("/projects/{$built->id}/order"),
            'page: sequence' => $page("/projects/{$built->id}/sequence"),
            'page: log' => $page("/projects/{$built->id}/log"),
            'page: log of 1,000 entries' => $page("/projects/{$free->id}/log"),
            'page: as built, with a deviation' => $page("/projects/{$built->id}/built"),
            'edit: a sleeve moved on the plan, saved and shown' => $edit,
            'edit: a sleeve moved on the plan of 60 corners and 200 items, saved and answered' => $edited,
        ];
    }

    /** What a thousand edits of the demo's plan add to the database, bytes. */
    public static function history(): int
    {
        $project = Project::query()->where('name', 'Dyke Lane boathouse')->firstOrFail();
        $plan = $project->keptPlan('The bench');

        return 1000 * strlen((string) $plan->revisions()->latest('id')->firstOrFail()->getRawOriginal('state'));
    }

    /** A comb of 60 corners with a sleeve at each of 200 places. */
    private static function large(CoreProject $p): CoreProject
    {
        $points = ['A' => [0.0, 0.0], 'B' => [60.0, 0.0], 'C' => [60.0, 8.0]];
        for ($i = 0; $i < 28; $i++) {
            [$x, $h] = [58.0 - 2 * $i, $i % 2 === 0 ? 8.0 : 10.0];
            $points["N{$i}A"] = [$x, $h];
            $points["N{$i}B"] = [$x, 18.0 - $h];
        }
        $points['D'] = [0.0, 8.0];
        $items = [];
        for ($i = 0; $i < 200; $i++) {
            $items[Ulid::from('bench', (string) $i)] = new Sleeve(
                Sleeve::usual()->put("Sleeve {$i}", 1.0 + 1.4 * ($i % 41), 1.0 + intdiv($i, 41), 0.2),
            );
        }
        $plan = Plan::along($points)->with(['items' => new Items($items)]);

        return self::free($p->but(name: 'Comb', options: [$p->options[0]->but(layout: new Items)]))->planned($plan);
    }

    /** @return array{html: float, pdf: float} of one pack, s */
    public static function pack(): array
    {
        $project = Project::query()->where('name', 'Music school with practice basement')->firstOrFail();
        $start = hrtime(true);
        $job = BuildingJob::of($project);
        $html = MakePack::html($job, MakePack::difference($job), new DateTimeImmutable);
        $written = hrtime(true);
        Printer::pdf($html);

        return ['html' => ($written - $start) / 1e9, 'pdf' => (hrtime(true) - $written) / 1e9];
    }

    /** The same while nothing is released. */
    private static function free(CoreProject $p): CoreProject
    {
        return new CoreProject($p->name.' of the bench', $p->units, $p->site, $p->options, $p->inspections, '', $p->plan);
    }
}
