<?php

declare(strict_types=1);

namespace Garnetine\Core\Finding;

/** The stages of the work, in order. */
enum Stage: string
{
    case Site = 'site';
    // On the ground.
    case Field = 'field';
    case Table = 'table';
    case Foundations = 'foundations';
    case SettingOut = 'setting_out';
    case Surface = 'surface';
    case Modules = 'modules';
    case Loads = 'loads';
    case Attachments = 'attachments';
    case Rails = 'rails';
    case Holes = 'holes';
    case Handover = 'handover';

    /** Where what stands at a place of the design is entered. */
    public static function at(string $at): self
    {
        return match (true) {
            str_starts_with($at, '/site/buried'), str_starts_with($at, '/site/no_dig'), str_starts_with($at, '/site/soils') => self::Field,
            str_starts_with($at, '/site') => self::Site,
            preg_match('~^/table/(ground|soil|services|sunshine|position|place|bearing_rad|declination_rad)\b~', $at) === 1 => self::Field,
            preg_match(
                '~^/table/(footing|racking/(posts|end_overhang_m|front_height_m|post|brace|cross_bolt|front_post|rear_post|pile|tests|head_height_m|stick|mast'
                    .'|block|anchors|tray_long_m|tray_wide_m|block_kg|most_blocks))\b~',
                $at,
            ) === 1 => self::Foundations,
            preg_match('~^/table/(measured|built|crew|racking/(seat_m|cut|adjusts_m|above_m|resin))\b~', $at) === 1 => self::SettingOut,
            str_starts_with($at, '/table') => self::Table,
            str_starts_with($at, '/given') => self::Loads,
            str_starts_with($at, '/own_copies') => self::Handover,
            str_starts_with($at, '/surface'), str_starts_with($at, '/fire') => self::Surface,
            preg_match('~^/(block|blocks/[^/]+)/(pins|bars)\b~', $at) === 1 => self::Attachments,
            str_starts_with($at, '/block'), str_starts_with($at, '/module') => self::Modules,
            preg_match('~^/kit/(rail|under|bonding)\b~', $at) === 1 => self::Rails,
            default => self::Attachments,
        };
    }
}
