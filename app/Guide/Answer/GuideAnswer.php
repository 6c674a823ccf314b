<?php

declare(strict_types=1);

namespace App\Guide\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Edge\GuideSeat;

/** A honing guide. */
final readonly class GuideAnswer extends Answer
{
    /**
     * @param  list<GuideSettingAnswer>  $settings
     * @param  list<string>  $stops
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('what the guide holds')] public GuideSeat $seat,
        #[Field('the same, ready to be read')] public string $seatLabel,
        #[Field('diameter of the roller, as it would be typed')] public string $roller,
        #[Field('the settings it was measured by', of: GuideSettingAnswer::class)] public array $settings,
        #[Field('the stops of its setting board', of: 'string')] public array $stops,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
