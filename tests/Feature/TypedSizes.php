<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Support\Arr;
use Illuminate\Testing\TestResponse;
use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Exchange\JudgementFile;
use Ondergrond\Exchange\LoadFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Project\Option as CoreOption;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Subject;
use Symfony\Component\HttpFoundation\Response;

/** For tables of sizes: each is typed on the page, read from the assessment, written to a file and read back. */
trait TypedSizes
{
    private Project $project;

    private Option $option;

    /**
     * @param  string  $path  in the form
     * @param  mixed  $stored  as files have it
     * @param  string  $shown  where the assessment shows it: `findings`, or a path
     * @param  mixed  $what  is there; a rule among the findings
     */
    private function assertHeld(string $path, string $typed, mixed $stored, string $shown, mixed $what): void
    {
        $data = [];
        Arr::set($data, $path, $typed);
        $this->save($data)->assertSessionHasNoErrors();
        $project = ($this->project->fresh() ?? self::fail('it is there'))->toCore();
        $option = $project->option($this->option->name) ?? self::fail('it is there');
        $now = ['design' => DesignCodec::toArray($option->design), 'site' => SiteCodec::toArray($project->site)];
        $kept = Arr::get($now, $path);
        is_float($stored) ? self::assertEqualsWithDelta($stored, $kept, 1e-9) : self::assertSame($stored, $kept);
        $read = ProjectFile::read(ProjectFile::write($project));
        self::assertEquals($option->design, $read->option($option->name)?->design);
        self::assertEquals($project->site, $read->site);
        $assessed = $this->assessed($read, $option, $shown);
        $there = Arr::get($assessed, $shown);
        if ($shown === 'findings') {
            self::assertContains($what, array_column($there, 'rule'));
        } else {
            is_float($what) ? self::assertEqualsWithDelta($what, $there, 1e-6) : self::assertSame($what, $there);
        }
    }

    /**
     * What the assessment says; fields are solved where what is asked hangs on one.
     *
     * @return array<string, mixed>
     */
    private function assessed(CoreProject $project, CoreOption $option, string $shown): array
    {
        $subject = new Subject($project->site, $option->design, $project->units);
        if ($shown === 'option' || $shown === 'findings' || str_starts_with($shown, 'load')) {
            return [
                'option' => $option->name,
                'findings' => JudgementFile::findings(Judgement::of($subject), []),
                'load' => json_decode((string) json_encode(LoadFile::toArray($option->design, $subject->load)), true),
            ];
        }

        return json_decode(AssessmentFile::write(
            $project, $option, Assessor::assess($project->site, $option->design, $project->units),
        ), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<Response>
     */
    private function save(array $data): TestResponse
    {
        if (isset($data['site'])) {
            return $this->put("/projects/{$this->project->id}/site", [
                'revision' => $this->project->revisions()->latest('id')->firstOrFail()->id, 'name' => $this->project->name, ...$data,
            ]);
        }

        return $this->put("/projects/{$this->project->id}/section/{$this->option->id}", [
            'revision' => $this->option->revisions()->latest('id')->firstOrFail()->id, ...$data,
        ]);
    }
}
