<?php

declare(strict_types=1);

namespace App\Guide;

use App\Guide\Answer\GuideAnswer;
use App\Guide\Answer\GuidePreviewAnswer;
use App\Guide\Answer\GuideSettingAnswer;
use App\Guide\Answer\GuideStopAnswer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Edge\GuideSetting;
use JackRest\Core\Edge\GuideStop;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Guide\GuideForm;

/** Honing guides: as they are kept, and as they are being measured. */
final class GuideResource
{
    public static function of(Guide $guide, LengthFormatter $format): GuideAnswer
    {
        return new GuideAnswer(
            id: $guide->id,
            version: $guide->version,
            name: $guide->name,
            seat: $guide->seat,
            seatLabel: $guide->seat->label(),
            roller: $format->typed($guide->roller_mm),
            settings: array_map(
                static fn (GuideSetting $setting): GuideSettingAnswer => new GuideSettingAnswer(
                    projection: $format->typed($setting->projectionMm),
                    angle: LengthFormatter::decimal($setting->angleDeg, 2),
                ),
                $guide->measured(),
            ),
            stops: array_map(
                static fn (mixed $stop): string => LengthFormatter::decimal((float) $stop, 2),
                $guide->stops,
            ),
            says: self::form($guide, $format)->next()->says,
        );
    }

    public static function form(Guide $guide, LengthFormatter $format): GuideForm
    {
        return GuideForm::of(
            $format->typed($guide->roller_mm),
            array_map(
                static fn (GuideSetting $setting): array => [
                    'projection' => $format->typed($setting->projectionMm),
                    'angle' => LengthFormatter::decimal($setting->angleDeg, 3),
                ],
                $guide->measured(),
            ),
            array_map(static fn (mixed $stop): string => LengthFormatter::decimal((float) $stop, 3), $guide->stops),
            $format,
        );
    }

    public static function preview(GuideForm $form): GuidePreviewAnswer
    {
        $axle = $form->axle;

        return new GuidePreviewAnswer(
            figures: $form->form->readings,
            rollerMm: $form->rollerMm,
            setbackMm: $axle?->axleSetbackMm,
            dropMm: $axle?->axleDropMm,
            axleSays: $axle === null
                ? null
                : 'Its axle lies '.
                    $form->format->small($axle->axleSetbackMm).
                    ' behind the front and '.
                    $form->format->small($axle->axleDropMm).
                    ' below the blade’s back; your settings agree to '.
                    LengthFormatter::fixed($axle->residualDeg, 2).
                    '°.',
            stops: array_map(
                static fn (GuideStop $stop): GuideStopAnswer => new GuideStopAnswer(
                    angleDeg: $stop->angleDeg,
                    projectionMm: $stop->projectionMm,
                    text: $form->format->small($stop->projectionMm),
                ),
                $form->stops,
            ),
            objection: $form->objection,
            next: NextAnswer::of($form->next()),
            sound: $form->isSound(),
        );
    }
}
