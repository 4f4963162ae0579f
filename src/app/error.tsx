'use client';
export { BrokenScreen as default } from '@/screens/shell/BrokenScreen';
