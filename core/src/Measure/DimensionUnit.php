<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** What a dimension of a tool is counted in. */
enum DimensionUnit: string
{
    case Length = 'length';
    /** Plates, sets and blades: read to a hundredth of a millimetre, or in thou. */
    case Thickness = 'thickness';
    case TeethPerInch = 'teeth-per-inch';
    case Degrees = 'degrees';
    case YesNo = 'yes-no';
    case Count = 'count';
    /** How a saw's teeth are shaped: rip, cross or both. */
    case Teeth = 'teeth';
}
