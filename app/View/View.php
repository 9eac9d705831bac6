<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Http\Request;
use Ondergrond\Design\Design;
use Ondergrond\Section\Side;

/** What of a design the bench shows: which side, whole or in detail, with the field or at once. */
final readonly class View
{
    private function __construct(
        public Side $side,
        public bool $detail,
        public FieldWanted $field,
    ) {}

    public static function plain(): self
    {
        return new self(Side::Edge, false, FieldWanted::Now);
    }

    /** Asked for in the address: `side`, `detail`, `field`. */
    public static function of(Request $request): self
    {
        return new self(
            Side::tryFrom(is_string($request->query('side')) ? $request->query('side') : '') ?? Side::Edge,
            $request->query('detail') === '1',
            FieldWanted::tryFrom(is_string($request->query('field')) ? $request->query('field') : '') ?? FieldWanted::None,
        );
    }

    /** A side that the design lacks, or has lost by the last change, is shown as the common edge. */
    public function within(Design $design): self
    {
        return in_array($this->side, Side::of($design), true) ? $this : new self(Side::Edge, $this->detail, $this->field);
    }

    /**
     * @return array<string, string> to be added to an address that shows the same
     */
    public function query(?Side $side = null, ?bool $detail = null): array
    {
        $side ??= $this->side;

        return [...($side === Side::Edge ? [] : ['side' => $side->value]), ...(($detail ?? $this->detail) ? ['detail' => '1'] : [])];
    }
}
