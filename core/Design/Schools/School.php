<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;

/** A question on which practitioners disagree: both answers are sound, and what decides is said beside them. Common practice, no source. */
interface School
{
    public function slug(): string;

    /** What is asked, without a question mark. */
    public function question(): string;

    /** @return non-empty-array<string, string> what each answer is called, by slug */
    public function answers(): array;

    /** What decides between them, a sentence. */
    public function decides(): string;

    /** Which answer the design follows; null where the question does not arise. */
    public function answer(Design $design): ?string;

    /**
     * The same design by that answer; sizes that come new are of common practice.
     *
     * @throws FaultyInput where the parts cannot be built so
     */
    public function follow(Design $design, string $answer): Design;
}
