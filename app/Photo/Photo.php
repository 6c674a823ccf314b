<?php

declare(strict_types=1);

namespace App\Photo;

use App\Ledger\Record;

/**
 * A picture of what was looked over at a stall, or of a step of a job: shrunk, without what the camera wrote into it.
 *
 * @property int|null $look_over_id
 * @property int|null $work_job_id
 * @property int|null $step of the job, from 0
 * @property string $file its name in the folder of photos
 * @property int $width
 * @property int $height
 */
final class Photo extends Record
{
}
