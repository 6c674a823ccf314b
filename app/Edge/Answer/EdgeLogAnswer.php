<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\EdgeHistory\Clock;
use JackRest\Desk\Explanation;

/** An edge's own diary with its forecast. */
final readonly class EdgeLogAnswer extends Answer
{
    /**
     * @param  list<EdgeSpanAnswer>  $spans
     * @param  list<AngleMeasuredAnswer>  $angles
     * @param  list<string>  $used
     * @param  list<EdgeEntryAnswer>  $entries
     * @param  list<WordAnswer>  $kinds
     * @param  list<WordAnswer>  $founds
     * @param  list<WordAnswer>  $woods
     * @param  list<TrialAnswer>  $trials
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the edge')] public EdgeAnswer $edge,
        #[Field('how long it will stay sharp, in one sentence')] public string $forecast,
        #[Field('when it will be blunt')] public SpanRangeAnswer $range,
        #[Field('how long it stayed sharp, time by time', of: EdgeSpanAnswer::class)] public array $spans,
        #[Field('what its use is counted in')] public Clock $clock,
        #[Field('how long it was used since it was honed')] public float $now,
        #[Field('the angles that were measured', of: AngleMeasuredAnswer::class)] public array $angles,
        #[Field('the angle aimed at, degrees')] public float $aimDeg,
        #[Field('how far the angle may be off, degrees')] public float $toleranceDeg,
        #[Field('what is said of the angle')] public ?string $angleSays,
        #[Field('what is used up, line by line', of: 'string')] public array $used,
        #[Field('the newest first', of: EdgeEntryAnswer::class)] public array $entries,
        #[Field('how many')] public int $count,
        #[Field('which kinds there are', of: WordAnswer::class)] public array $kinds,
        #[Field('what a test can find', of: WordAnswer::class)] public array $founds,
        #[Field('how hard wood can be', of: WordAnswer::class)] public array $woods,
        #[Field('stops that were compared', of: TrialAnswer::class)] public array $trials,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
