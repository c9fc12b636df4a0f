import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['knex', 'pg'],
  poweredByHeader: false,
  devIndicators: false,
};

export default config;
