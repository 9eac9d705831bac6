<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Material\Materials;
use PHPUnit\Framework\TestCase;

/** Products of one's own stand beside the generic materials, and only where they are passed. */
final class MaterialsTest extends TestCase
{
    public function test_a_product_of_ones_own_is_read_where_it_is_passed_and_refused_where_it_is_not(): void
    {
        $xps = Catalogue::get('xps-25psi');
        $own = new Material(
            ...[...get_object_vars($xps), 'slug' => 'harbour-board', 'name' => 'Harbour board (invented)', 'conductivity' => 0.025],
        );
        $materials = Materials::generic()->with($own);
        $data = DesignCodec::toArray(Examples::boathouse()->options[0]->design);
        $data['field_board']['material'] = 'harbour-board';
        self::assertSame(0.025, DesignCodec::fromArray($data, $materials)->fieldBoard->material->conductivity);
        self::assertSame([...array_keys(Catalogue::all()), 'harbour-board'], array_keys($materials->all()));
        self::assertSame('', Materials::generic()->print());
        $other = Materials::generic()->with(new Material(...[...get_object_vars($own), 'conductivity' => 0.026]));
        self::assertNotSame($materials->print(), $other->print(), 'what was worked out with another is something else');
        self::assertNull(Materials::generic()->find('harbour-board'));
        $this->expectException(FaultyInput::class);
        DesignCodec::fromArray($data);
    }
}
