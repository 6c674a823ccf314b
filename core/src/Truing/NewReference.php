<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** A square or a straightedge as it comes with a tool, before its first test. */
final readonly class NewReference
{
    /**
     * @param  'square'|'straightedge'|'sticks'|'slope'  $kind
     * @param  array<string, float>  $sizesMm  blade, bladeWidth, stock, stockWidth; or length, height; or
     *     length; or nominal, 1 in so many
     */
    public function __construct(public string $kind, public string $name, public array $sizesMm)
    {
    }
}
