<?php

declare(strict_types=1);

namespace App\View;

use App\Later\FieldWanted;
use Illuminate\Http\Request;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Section\Stretch;

/** What of a design is shown: which side, whole or close to the edge, with the field or at once. The bench begins close. */
final readonly class View
{
    private const COMMON = Side::Edge->value;

    private function __construct(
        public string $stretch,
        public bool $detail,
        public FieldWanted $field,
    ) {}

    public static function plain(): self
    {
        return new self(self::COMMON, false, FieldWanted::Now);
    }

    /**
     * Asked for in the address: `side`, `detail` (0 or 1), `field`.
     *
     * @param  bool  $detail  where the address does not say
     */
    public static function of(Request $request, bool $detail = true): self
    {
        return new self(
            is_string($request->query('side')) ? $request->query('side') : self::COMMON,
            ($request->query('detail') ?? ($detail ? '1' : '0')) === '1',
            FieldWanted::tryFrom(is_string($request->query('field')) ? $request->query('field') : '') ?? FieldWanted::None,
        );
    }

    /** A stretch that the design lacks, or has lost by the last change, is shown as the common edge. */
    public function within(Design $design): self
    {
        return Stretch::find($design, $this->stretch) !== null ? $this : new self(self::COMMON, $this->detail, $this->field);
    }

    /** The stretch of a design that is shown. */
    public function stretchOf(Design $design): Stretch
    {
        return Stretch::find($design, $this->stretch) ?? Stretch::edge($design);
    }

    /**
     * @return array<string, string> to be added to an address that shows the same
     */
    public function query(?string $stretch = null, ?bool $detail = null): array
    {
        $stretch ??= $this->stretch;

        return [...($stretch === self::COMMON ? [] : ['side' => $stretch]), ...(($detail ?? $this->detail) ? [] : ['detail' => '0'])];
    }
}
