<?php

declare(strict_types=1);

namespace App\Guide;

use App\Http\FieldResource;
use App\Http\Shared;
use JackRest\Core\Edge\GuideSetting;
use JackRest\Core\Edge\GuideStop;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Guide\GuideForm;

/** Honing guides: as they are kept, and as they are being measured. */
final class GuideResource
{
    /** @return array<string, mixed> */
    public static function of(Guide $guide, LengthFormatter $format): array
    {
        return [
            'id' => $guide->id,
            'version' => $guide->version,
            'name' => $guide->name,
            'seat' => $guide->seat->value,
            'seatLabel' => $guide->seat->label(),
            'roller' => $format->typed($guide->roller_mm),
            'settings' => array_map(
                static fn (GuideSetting $setting): array => [
                    'projection' => $format->typed($setting->projectionMm),
                    'angle' => LengthFormatter::decimal($setting->angleDeg, 2),
                ],
                $guide->measured(),
            ),
            'stops' => array_map(
                static fn (mixed $stop): string => LengthFormatter::decimal((float) $stop, 2),
                $guide->stops,
            ),
            'says' => self::sheet($guide, $format)->next()->says,
        ];
    }

    public static function sheet(Guide $guide, LengthFormatter $format): GuideForm
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

    /** @return array<string, mixed> */
    public static function preview(GuideForm $sheet): array
    {
        $axle = $sheet->axle;

        return [
            'figures' => FieldResource::readings($sheet->form),
            'rollerMm' => $sheet->rollerMm,
            'setbackMm' => $axle?->axleSetbackMm,
            'dropMm' => $axle?->axleDropMm,
            'axleSays' => $axle === null
                    ? null
                    : 'Its axle lies '.
                        $sheet->format->small($axle->axleSetbackMm).
                        ' behind the front and '.
                        $sheet->format->small($axle->axleDropMm).
                        ' below the blade’s back; your settings agree to '.
                        LengthFormatter::fixed($axle->residualDeg, 2).
                        '°.',
            'stops' => array_map(
                static fn (GuideStop $stop): array => [
                    'angleDeg' => $stop->angleDeg,
                    'projectionMm' => $stop->projectionMm,
                    'text' => $sheet->format->small($stop->projectionMm),
                ],
                $sheet->stops,
            ),
            'objection' => $sheet->objection,
            'next' => Shared::advice($sheet->next()),
            'sound' => $sheet->isSound(),
        ];
    }
}
