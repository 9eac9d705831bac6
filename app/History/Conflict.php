<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Revision;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;
use Ondergrond\Units\QuantityFormatter;
use RuntimeException;

/** Somebody saved another state since the page was loaded: the person decides. Nothing was saved. */
final class Conflict extends RuntimeException
{
    /**
     * @param  Revision  $head  what is saved now
     * @param  string  $who  changed it meanwhile, names with commas
     * @param  Changes  $mine  what the person wants to change
     * @param  Changes  $theirs  what was changed meanwhile
     */
    public function __construct(
        public readonly Revision $head,
        public readonly string $who,
        public readonly Changes $mine,
        public readonly Changes $theirs,
    ) {
        parent::__construct('Changed meanwhile by '.$who);
    }

    /** Whether keeping one's own undoes something of the other's. */
    public function clashes(): bool
    {
        return ! $this->mine->against($this->theirs)->none();
    }

    /** In a sentence, for pages that do not ask. */
    public function told(QuantityFormatter $format): string
    {
        $said = $this->inWords($format);

        return "{$said['who']} changed this meanwhile: ".implode(' · ', $said['theirs']).'. Load the page again; nothing was changed.';
    }

    /** @return array{head: int, who: string, theirs: list<string>, mine: list<string>, clashes: bool} for the page that asks */
    public function inWords(QuantityFormatter $format): array
    {
        $words = new ChangeWords($format);

        return [
            'head' => $this->head->id,
            'who' => $this->who,
            'theirs' => $words->lines($this->theirs),
            'mine' => $words->lines($this->mine),
            'clashes' => $this->clashes(),
        ];
    }
}
