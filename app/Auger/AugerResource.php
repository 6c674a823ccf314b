<?php

declare(strict_types=1);

namespace App\Auger;

use App\Auger\Answer\AugerBitAnswer;
use App\Auger\Answer\AugerBitPreviewAnswer;
use App\Auger\Answer\AugerPageAnswer;
use App\Bench\Bench;
use App\Http\Answer\NextAnswer;
use App\Saw\Answer\FilingAnswer;
use App\Saw\Filing;
use App\Saw\SawResource;
use App\Session\Sessions;
use App\Tool\Tool;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Filing\AugerVerdict;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Filing\AugerBitForm;

/** A set of auger bits, bit by bit. */
final class AugerResource
{
    public static function page(Bench $bench, Tool $set, LengthFormatter $format): AugerPageAnswer
    {
        $known = AugersOfBench::bits($bench, $set)->keyBy('sixteenths');
        $bits = array_map(
            static fn (float $size): AugerBitAnswer => self::bit(
                $size,
                $known->get((int) round($size / AugerSet::STEP_MM)),
                $format,
            ),
            AugersOfBench::sizes($set),
        );
        $unchecked = count(array_filter($bits, static fn (AugerBitAnswer $bit): bool => $bit->verdict === null));
        $gaps = AugersOfBench::gaps($bench, $set, $format);

        return new AugerPageAnswer(
            id: $set->id,
            name: $set->name,
            bits: $bits,
            gaps: $gaps,
            steps: array_map(SawResource::step(...), AugerBitForm::steps()),
            says: match (true) {
                $unchecked === count($bits) => 'Check them one by one: spurs against twist.',
                $unchecked > 0 => count($bits) - $unchecked.' of '.count($bits).' checked.',
                default => 'All of them are checked.',
            },
            running: Sessions::running($bench, $set)?->id,
            filings: array_values(
                Filing::of($bench)
                    ->where('tool_id', $set->id)
                    ->latest('filed_on')
                    ->get()
                    ->map(
                        static fn (Filing $filing): FilingAnswer => new FilingAnswer(
                            id: $filing->id,
                            filedOn: $filing->filed_on,
                            says: 'a bit filed'.
                                ($filing->minutes === null
                                    ? ''
                                    : ', '.LengthFormatter::decimal($filing->minutes, 0).' min'),
                        ),
                    )
                    ->all(),
            ),
            caution: AugerBitForm::CAUTION,
        );
    }

    public static function preview(AugerBitForm $form): AugerBitPreviewAnswer
    {
        return new AugerBitPreviewAnswer(
            figures: $form->form->readings,
            verdict: $form->check?->verdict,
            lines: $form->lines(),
            next: NextAnswer::of($form->next()),
            sound: $form->isSound(),
        );
    }

    private static function bit(float $sizeMm, ?AugerBit $bit, LengthFormatter $format): AugerBitAnswer
    {
        $form = $bit?->form($format);
        $inch = (new LengthFormatter(LengthUnit::Inch))->dimension($sizeMm);

        return new AugerBitAnswer(
            sixteenths: (int) round($sizeMm / AugerSet::STEP_MM),
            sizeMm: $sizeMm,
            name: $format->unit === LengthUnit::Inch ? $inch : "{$format->dimension($sizeMm)} ($inch)",
            version: $bit->version ?? 0,
            figures: $bit?->typed($format) ?? [],
            sharp: $bit->is_sharp ?? false,
            before: $bit?->spurs_before_mm === null
                ? null
                : 'The time before it measured '.$format->small($bit->spurs_before_mm).' across the spurs.',
            verdict: $form?->check?->verdict,
            says: match ($form?->check?->verdict) {
                AugerVerdict::Keep => 'keep',
                AugerVerdict::File => 'file',
                AugerVerdict::SetAside => 'set aside',
                null => 'not checked',
            },
        );
    }
}
