<?php

declare(strict_types=1);

namespace App\Stall;

use App\Ledger\Record;

/**
 * A picture taken at the stall: shrunk, without what the camera wrote into it.
 *
 * @property int $look_over_id
 * @property string $file its name in the folder of photos
 * @property int $width
 * @property int $height
 */
final class Photo extends Record
{
}
