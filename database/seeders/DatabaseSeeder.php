<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Building\BuildingJob;
use App\Jobs\MakePack;
use App\Models\Firm;
use App\Models\OrderState;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Seeder;
use Ondergrond\Examples\Building;
use Ondergrond\Examples\Variants;
use Ondergrond\Exchange\OrderFile;

/** The demo: an invented firm with one person of each role, and the invented projects of the core. */
final class DatabaseSeeder extends Seeder
{
    /** Everybody's in the demo, and good for nothing outside it. */
    public const PASSWORD = 'boathouse-demo';

    private const PEOPLE = [
        Role::Owner->value => 'Marit Sluys',
        Role::Designer->value => 'Joost Kade',
        Role::Crew->value => 'Wen Dijker',
        Role::Reader->value => 'Odile Vliet',
    ];

    /** For a cubic metre, invented. */
    private const PRICES = [
        'eps-15psi' => 95, 'eps-25psi' => 120, 'xps-25psi' => 240, 'xps-40psi' => 290, 'xps-60psi' => 360, 'stone-wool-board' => 175,
        'reinforced-concrete' => 165, 'crushed-stone' => 38, 'cement-board' => 900, 'gypsum-board' => 420, 'eps-form' => 210,
        'screed' => 140,
    ];

    public function run(): void
    {
        $firm = Firm::query()->create(['name' => 'Lockside Groundworks', 'prices' => ['currency' => 'fl.', 'per_m3' => self::PRICES]]);
        $firm->keep(Variants::product());
        foreach (self::PEOPLE as $role => $name) {
            $user = new User(['name' => $name, 'email' => self::address($name), 'password' => self::PASSWORD, 'role' => Role::from($role)]);
            $user->firm_id = $firm->id;
            $user->demo = true;
            $user->lead = $role === Role::Crew->value;
            $user->save();
        }
        foreach (Building::all() as $project) {
            $stored = Project::store($project, $firm, self::PEOPLE[Role::Designer->value], true);
            if ($stored->release !== null) {
                $this->underWay($stored);
            }
        }
    }

    /** What is ordered of it, and a hand-over of what there is so far, which the queue makes. */
    private function underWay(Project $project): void
    {
        $list = BuildingJob::of($project)->order($project->prices());
        $order = $project->orders()->create([
            'option_id' => $project->building()->id, 'by' => self::PEOPLE[Role::Owner->value], 'currency' => $list->currency(),
            'lines' => OrderFile::toArray($list)['lines'],
        ]);
        foreach ($list->lines as $i => $line) {
            $order->events()->create(['line' => $line->id, 'state' => OrderState::Asked, 'who' => self::PEOPLE[Role::Owner->value]]);
            if ($i < 3) {
                $order->events()->create(['line' => $line->id, 'state' => OrderState::Came, 'who' => self::PEOPLE[Role::Crew->value]]);
            }
        }
        $pack = $project->packs()->create([
            'option_id' => $project->building()->id, 'by' => self::PEOPLE[Role::Designer->value], 'stage' => 'waiting',
        ]);
        // Made by the demo's workers; where there are none nobody waits for a printer.
        if (config('queue.default') !== 'sync') {
            MakePack::dispatch($pack->ulid);
        }
    }

    private static function address(string $name): string
    {
        return strtolower(explode(' ', $name)[0]).'@lockside.example';
    }
}
